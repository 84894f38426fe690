import { ENOUGH_WEIGHT, inSentence, type CardCriterion, type Scorecard } from '@bent-pail/core';
import { fixed } from '../../kit/format';

/** What a score means in a word. */
const WORDS = [
  { from: 8.5, word: 'a very good bag' },
  { from: 7, word: 'a good bag' },
  { from: 5.5, word: 'a middling bag' },
  { from: 4, word: 'a poor bag' },
  { from: 0, word: 'a bag to leave' },
] as const;

type Scored = CardCriterion & { readonly score: number };

/**
 * One plain verdict: what kind of bag, what speaks for it, what against, what holds it down. No word of judgement while
 * less than half of the weight is in.
 */
export function scoreSentence({ criteria, result, weightIn }: Scorecard): string {
  if (result.overall === undefined) return 'Nothing is measured or rated yet.';
  if (weightIn < ENOUGH_WEIGHT) return `Not judged yet: only ${fixed(100 * weightIn, 0)} % of what counts is in.`;
  const { overall } = result;
  const scored = criteria.filter((one): one is Scored => one.score !== undefined).sort((a, b) => b.score - a.score);
  const word = WORDS.find((one) => overall >= one.from)?.word ?? 'a bag to leave';
  const best = scored[0];
  const worst = scored.at(-1);
  const both =
    best === undefined || worst === undefined || best === worst
      ? ''
      : ` Best in ${inSentence(best.criterion.label)}, weakest in ${inSentence(worst.criterion.label)}.`;
  const capping = criteria.find((one) => one.criterion.name === result.cappedBy);
  const cap =
    capping === undefined
      ? ''
      : ` Its ${inSentence(capping.criterion.label)} holds it at ${fixed(overall, 1)}, whatever the rest.`;
  const raters = new Set(criteria.flatMap((one) => one.raters.map(({ raterId }) => raterId)));
  const alone = raters.size === 1 ? ' One rater alone marked it.' : '';
  return `For this use, ${word}.${both}${cap}${alone}`;
}
