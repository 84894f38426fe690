import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import { useHand } from '../shared/handStore';
import { LotPail, type SmallPail } from '../shared/pail/LotPail';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { countsQuery } from '../shared/resources/today';
import { useMe } from '../shared/useSession';
import { placeOf, type Station } from '../shared/view';
import { WaitingBadge } from './WaitingBadge';
import { STATIONS } from './views';

interface BenchEdgeProps {
  readonly onKeys: () => void;
  readonly onFind: (() => void) | undefined;
}

const SIGN = { kind: 'parted', solid: 0.34, water: 0.4, air: 0.26 } as const;

/** The bench along the foot of the screen: the door, the stations in the order of the work, what is in hand. */
export function BenchEdge({ onKeys, onFind }: BenchEdgeProps): ReactElement {
  const me = useMe();
  const { pathname } = useLocation();
  const { data: counts } = useQuery(countsQuery);
  const hand = useHand((state) => state.hand);
  const stations = STATIONS.filter((station) => station.roles.includes(me.role));
  const at = stations.findIndex((station) => pathname.startsWith(station.path));
  const waits = (counts?.openRuns ?? 0) + (counts?.sheetsToRate ?? 0);
  return (
    <nav
      aria-label="Order of the work"
      className="fixed inset-x-0 bottom-0 z-9 flex h-[72px] bg-zinc1 before:absolute before:inset-x-0 before:top-11 before:h-[3px] before:bg-ink after:pointer-events-none after:absolute after:inset-x-0 after:top-[47px] after:h-2 after:[background:var(--rule)] print:hidden"
    >
      <Door waits={waits} isHere={pathname === '/'} />
      <ol className="flex min-w-0 flex-1">
        {stations.map((station, i) => (
          <li key={station.path} className="relative min-w-0 max-w-[190px] flex-1">
            <StationLink
              station={station}
              isHere={i === at}
              pail={i === at ? hand?.pail : undefined}
              holds={i === at && hand !== undefined}
              count={counts === undefined ? '' : station.count(counts)}
            />
          </li>
        ))}
      </ol>
      <Hand onKeys={onKeys} onFind={onFind} />
    </nav>
  );
}

const ON_BENCH = 'flex h-11 items-end';

function Door({ waits, isHere }: { readonly waits: number; readonly isHere: boolean }): ReactElement {
  return (
    <Link
      to="/"
      aria-current={isHere ? 'page' : undefined}
      className={`${ON_BENCH} relative mr-1.5 w-[136px] shrink-0 gap-2 pr-2.5 pl-3.5 no-underline max-[520px]:mr-0 max-[520px]:w-[46px] max-[520px]:pr-0 max-[520px]:pl-3 ${isHere ? 'text-inverse [--ink:var(--inverse)]' : ''}`}
    >
      <span
        aria-hidden="true"
        className={`absolute inset-[3px_0_0_4px] border-2 border-b-0 ${isHere ? 'border-slab bg-slab' : 'border-ink bg-paper'}`}
      />
      <span className="relative">
        <PailMark
          shape={{ ...shapeOf({ height_cm: 12 }, 'vessel'), baseDiameter_cm: 9 }}
          fill={SIGN}
          state="measured"
          tier="tiny"
          k={1.9}
          sign
          label="Bent Pail"
        />
      </span>
      {/* Eight stations leave a phone no room for the word. */}
      <span className="relative flex flex-col pb-1 leading-[1.05] max-[520px]:sr-only">
        <b className="text-head">Today</b>
        <small className={`max-[520px]:hidden ${isHere ? 'text-inverse' : ''}`}>
          {waits === 0 ? 'nothing waits' : `${String(waits)} on the go`}
        </small>
      </span>
    </Link>
  );
}

interface StationLinkProps {
  readonly station: Station;
  readonly isHere: boolean;
  readonly holds: boolean;
  readonly pail: SmallPail | undefined;
  readonly count: string;
}

function StationLink({ station, isHere, holds, pail, count }: StationLinkProps): ReactElement {
  return (
    <NavLink to={station.path} className="flex h-full flex-col no-underline">
      <span className={`${ON_BENCH} gap-1.5 pr-1 pb-1 pl-2 max-[520px]:pr-0 max-[520px]:pl-1`}>
        {holds && (
          <span className="-mb-1.5 -ml-0.5 max-[520px]:hidden">
            <LotPail pail={pail} size={23} />
          </span>
        )}
        <span
          data-station
          className={`text-lead leading-none max-[900px]:text-head max-[520px]:text-note max-[520px]:tracking-[-0.02em] ${isHere ? 'font-bold tracking-[-0.01em]' : 'font-medium'}`}
        >
          {station.word}
        </span>
      </span>
      <span
        className={`flex flex-1 items-end gap-1.5 pr-1 pb-1 pl-2 whitespace-nowrap max-[520px]:pl-1 ${isHere ? 'relative z-2 mt-[3px] bg-slab text-inverse' : ''}`}
      >
        <i data-number className="figure text-note leading-none font-medium not-italic">
          {placeOf(station.word)}
        </i>
        <small className={`leading-none max-[900px]:hidden ${isHere ? 'text-inverse' : ''}`}>{count}</small>
      </span>
    </NavLink>
  );
}

const IN_HAND = 'max-w-[246px] truncate text-small leading-[1.1]';
const KEY = 'figure mr-[3px] rounded-[2px] border px-1 py-px text-note leading-none font-medium';
const LOW = 'py-1 text-note whitespace-nowrap';

function Hand({ onKeys, onFind }: BenchEdgeProps): ReactElement {
  const me = useMe();
  const { hand, putDown } = useHand();
  return (
    <div className="flex w-[270px] shrink-0 flex-col border-l border-zinc3 max-[900px]:w-auto max-[520px]:border-0">
      <span className="flex h-11 flex-col items-start justify-end gap-px pb-1 pl-3 max-[900px]:invisible max-[900px]:w-0">
        <small>in hand</small>
        {hand === undefined ? (
          <b className={`${IN_HAND} font-medium text-ink2`}>nothing yet</b>
        ) : (
          <b className={IN_HAND}>{hand.name}</b>
        )}
      </span>
      <span className="relative z-2 mt-[3px] flex flex-1 items-center gap-3 bg-zinc1 pr-1 pl-3 max-[520px]:px-0 text-note leading-none">
        {hand !== undefined && (
          <button type="button" className={`${LOW} max-[900px]:hidden`} onClick={putDown}>
            clear
          </button>
        )}
        {onFind !== undefined && (
          <button type="button" className={`${LOW} max-[900px]:hidden`} onClick={onFind}>
            <kbd className={KEY}>/</kbd>
            find
          </button>
        )}
        <button type="button" className={`${LOW} max-[900px]:hidden`} onClick={onKeys}>
          <kbd className={KEY}>?</kbd>
          keys
        </button>
        <Link to="/you" className="no-underline max-[520px]:hidden">
          {me.name}
        </Link>
        <WaitingBadge />
      </span>
    </div>
  );
}
