import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { sharesOf } from './draft';

interface WeightBarProps {
  readonly criteria: readonly { readonly label: string; readonly weight: number }[];
}

/** Weights side by side: however they are set, the bar is whole. */
export function WeightBar({ criteria }: WeightBarProps): ReactElement {
  const shares = sharesOf(criteria);
  return (
    <ol className="flex h-14 w-full border-[1.5px] border-ink" aria-label="Weights">
      {criteria.map(({ label }, i) => {
        const share = shares[i] ?? 0;
        return (
          <li
            key={`${label}${String(i)}`}
            className="min-w-0 overflow-hidden border-r border-zinc4 px-1.5 pt-1 text-small leading-tight last:border-r-0 odd:bg-zinc1"
            style={{ width: `${String(share)}%` }}
          >
            <span className="block truncate font-semibold">{label}</span>
            <span className="figure block truncate">{fixed(share, 0)} %</span>
          </li>
        );
      })}
    </ol>
  );
}
