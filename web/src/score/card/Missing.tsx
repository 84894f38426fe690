import type { ScorecardPage } from '@bent-pail/contract';
import { inSentence } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { fixed } from '../../kit/format';

/** What is not in yet, how far it could move the whole, and where to get it. */
export function Missing({ page }: { readonly page: ScorecardPage }): ReactElement | null {
  const { missing, couldBe } = page.card.result;
  if (missing.length === 0) return null;
  const lines = page.card.criteria.filter((one) => missing.includes(one.criterion.name));
  return (
    <div className="mt-4 border-t-[1.5px] pt-2">
      <h3 className="text-body">Not in yet: {lines.map((one) => inSentence(one.criterion.label)).join(', ')}</h3>
      <p className="text-small">
        The others carry the weight; nothing missing counts as zero.
        {couldBe !== undefined && (
          <>
            {' '}
            With them in, the overall could be <span className="figure">{fixed(couldBe[0], 1)}</span> to{' '}
            <span className="figure">{fixed(couldBe[1], 1)}</span>.
          </>
        )}
      </p>
      {lines.some((one) => one.criterion.source.from === 'lot') && (
        <p className="mt-1 text-small">
          <Link to={`/bench?lot=${page.row.product.lotId}`}>Measure what the bench can give</Link>
        </p>
      )}
    </div>
  );
}
