import { replicateName, type Hold } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { clockTime, duration } from '../kit/format';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';

interface ColumnHeadProps {
  readonly replicate: number;
  readonly lit: boolean;
  readonly hold: Hold | undefined;
  readonly now: number;
  readonly zone: string;
  readonly air: number | undefined;
  readonly excluded: string | undefined;
}

/** Head of a replicate: its letter, its pail so far, and the timer that can be read from across the room. */
export function ColumnHead({ replicate, lit, hold, now, zone, air, excluded }: ColumnHeadProps): ReactElement {
  const left = hold === undefined ? undefined : hold.deadline - now;
  const over = left !== undefined && left <= 0;
  return (
    <th
      scope="col"
      className={`border-l border-zinc3 px-3 pt-2.5 pb-1.5 text-left align-bottom font-normal ${lit ? 'bg-slab text-inverse [&_small]:text-inverse [&_svg]:[--ink:var(--inverse)] [&_svg]:[--paper:transparent]' : ''}`}
    >
      <span className="flex items-end gap-2">
        <b className="text-lead leading-none">{replicateName(replicate)}</b>
        <PailMark
          shape={shapeOf({ height_cm: 12 }, 'vessel')}
          fill={air === undefined ? { kind: 'empty' } : { kind: 'unsplit', air }}
          state="measured"
          tier="tiny"
          k={1.7}
        />
        <small className="leading-none">
          {excluded !== undefined
            ? 'left out'
            : hold === undefined
              ? ''
              : over
                ? `${hold.name} done`
                : `${hold.name} until ${clockTime(hold.deadline, zone)}`}
        </small>
      </span>
      {left !== undefined && hold !== undefined && (
        <>
          <span
            className={`figure mt-[7px] block text-key leading-none tracking-[-0.045em] whitespace-nowrap ${over ? 'font-light' : 'font-medium'}`}
            role="timer"
            aria-label={`${replicateName(replicate)}, ${hold.name}`}
          >
            {over ? '0:00' : duration(left)}
          </span>
          {over && <span className="figure block text-small">{duration(left)} over</span>}
          <Tube share={Math.min(1, Math.max(0, left / Math.max(1, hold.deadline - hold.startedAt)))} />
        </>
      )}
    </th>
  );
}

/** A tube that drains as the time runs. */
function Tube({ share }: { readonly share: number }): ReactElement {
  return (
    <svg viewBox="0 0 124 14" className="mt-1 block h-3.5 w-full" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0.5" y="0.5" width="123" height="8" fill="var(--paper)" stroke="currentColor" />
      <rect x="1" y="1" width={122 * share} height="7" fill="var(--water)" />
      <path d="M1 8.5v4M31 8.5v3M62 8.5v4M93 8.5v3M123 8.5v4" stroke="currentColor" />
    </svg>
  );
}
