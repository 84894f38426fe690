import type { ScorecardPage } from '@bent-pail/contract';
import { INTEREST_WORDS } from '@bent-pail/core';

/** Who has an interest in the product, as its claims sheet says; that nobody said is said as well. */
export const interestWords = ({ interest }: ScorecardPage): string =>
  interest === undefined
    ? 'nobody has said yet'
    : `${INTEREST_WORDS[interest.kind]}${interest.words === undefined ? '' : `, ${interest.words}`}`;
