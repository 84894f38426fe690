import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import { useHand } from '../shared/handStore';
import { LotPail } from '../shared/pail/LotPail';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { countsQuery } from '../shared/queries';
import { useMe } from '../shared/useSession';
import { WaitingBadge } from './WaitingBadge';
import { STATIONS } from './views';

interface BenchEdgeProps {
  readonly onKeys: () => void;
}

const SIGN = { kind: 'parted', solid: 0.34, water: 0.4, air: 0.26 } as const;

/** The bench along the foot of the screen: the door, the stations in the order of the work, what is in hand. */
export function BenchEdge({ onKeys }: BenchEdgeProps): ReactElement {
  const me = useMe();
  const { pathname } = useLocation();
  const { data: counts } = useQuery(countsQuery);
  const hand = useHand((state) => state.hand);
  const stations = STATIONS.filter((station) => station.roles.includes(me.role));
  const at = stations.findIndex((station) => pathname.startsWith(station.path));
  const waits = (counts?.openRuns ?? 0) + (counts?.sheetsToRate ?? 0);
  return (
    <nav className="edge" aria-label="Order of the work">
      <Link
        className={`door ${pathname === '/' ? 'on' : ''}`}
        to="/"
        aria-current={pathname === '/' ? 'page' : undefined}
      >
        <span className="leaf" aria-hidden="true" />
        <PailMark
          shape={{ ...shapeOf({ height_cm: 12 }, 'vessel'), baseDiameter_cm: 9 }}
          fill={SIGN}
          state="measured"
          tier="tiny"
          k={1.9}
          sign
          label="Bent Pail"
        />
        <span className="dw">
          <b>Today</b>
          <small>{waits === 0 ? 'nothing waits' : `${String(waits)} on the go`}</small>
        </span>
      </Link>
      <ol>
        {stations.map((station, i) => (
          <li key={station.path} className={i === at ? 'on' : i === at + 1 ? 'next' : ''}>
            <NavLink to={station.path}>
              <span className="up">
                {i === at && hand !== undefined && <LotPail pail={hand.pail} size={23} />}
                <span className="w">{station.word}</span>
              </span>
              <span className="down">
                <i>{station.number}</i>
                <small>{counts === undefined ? '' : station.count(counts)}</small>
              </span>
            </NavLink>
          </li>
        ))}
      </ol>
      <Hand onKeys={onKeys} />
    </nav>
  );
}

function Hand({ onKeys }: BenchEdgeProps): ReactElement {
  const me = useMe();
  const { hand, putDown } = useHand();
  return (
    <div className="hand">
      <span className="up">
        <small>in hand</small>
        {hand === undefined ? <b className="none">nothing yet</b> : <b>{hand.name}</b>}
      </span>
      <span className="down">
        {hand !== undefined && (
          <button type="button" onClick={putDown}>
            put down
          </button>
        )}
        <button type="button" className="keys-hint" onClick={onKeys}>
          <kbd>?</kbd>keys
        </button>
        <Link to="/you">{me.name}</Link>
        <WaitingBadge />
      </span>
    </div>
  );
}
