import type { LotRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { preparationWords } from './preparationWords';

/** Where a lot comes from, in one sentence with its address. */
export function OriginLine({ lot }: { readonly lot: LotRow }): ReactElement | null {
  const { origin } = lot;
  if (origin.kind === 'bought') return null;
  const went = origin.kind === 'prepared' ? preparationWords(origin.record) : '';
  return origin.kind === 'prepared' ? (
    <>
      {origin.how} from <Link to={`/shelf/lots/${origin.fromId}`}>{origin.fromCode}</Link>
      {went === '' ? '' : `: ${went}`}.{' '}
    </>
  ) : (
    <>
      A batch of{' '}
      <Link to={`/blend/${origin.blendId}/versions/${String(origin.n)}`}>
        {origin.blendName}, version {origin.n}
      </Link>
      ;{' '}
      <Link to="/blend/bench" className="whitespace-nowrap">
        measured against predicted
      </Link>
      .{' '}
    </>
  );
}
