import { deskOrigins, minedShare } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import type { DeskView } from '../desk/deskView';

/** Where a stuff comes from, as a person would say it. */
const SOURCE_WORDS: Readonly<Record<string, string>> = {
  'by-product': 'by-product',
  harvested: 'harvested',
  manufactured: 'manufactured',
  mined: 'mined',
  'mined or by-product': 'mined or by-product',
  recycled: 'recycled',
};

/** Whether it grows again, as a person would say it. */
const RENEWAL_WORDS: Readonly<Record<string, string>> = {
  yes: 'renewable',
  'yes, slow': 'slowly renewable',
  no: 'not renewable',
  'mined mineral': 'quarried, not renewable',
  'semi (centuries)': 'renews in centuries',
  unknown: 'not known whether renewable',
};

/** What is dug, and what grows again, of what the blend is made of. */
export function Origins({ view }: { readonly view: DeskView }): ReactElement {
  const shares = deskOrigins(view.input);
  const mined = minedShare(shares);
  return (
    <>
      <h2 className="mt-5">
        Where it is from <small>{fixed(100 * mined, 0)} % quarried</small>
      </h2>
      <ul className="mt-1">
        {shares.map(({ source, renewable, share, names }) => (
          <li
            key={`${source}${renewable}`}
            className="relative flex min-h-9 justify-between gap-3 border-b border-zinc2 pt-1"
          >
            <span className="text-body">
              {SOURCE_WORDS[source] ?? source}, {RENEWAL_WORDS[renewable] ?? renewable}{' '}
              <small>{names.join(', ')}</small>
            </span>
            <span className="figure whitespace-nowrap">{fixed(100 * share, 0)} %</span>
            <span className="absolute bottom-0 left-0 h-[3px] bg-ink" style={{ width: `${String(100 * share)}%` }} />
          </li>
        ))}
      </ul>
      <p className="text-ink2 mt-2 text-small">By loose volume, as such materials are usually obtained.</p>
    </>
  );
}
