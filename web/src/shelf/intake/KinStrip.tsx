import { property, type MaterialSpread } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { amount } from '../../shared/units/mine';

const WIDTH = 320;
const HEIGHT = 34;
const MARGIN = 12;

/** Places of lots on a strip from left to right, and the band of one SD from lot to lot around the mean. */
export function stripPlaces({ lots, spread }: MaterialSpread): {
  readonly lots: readonly number[];
  readonly band: readonly [number, number];
} {
  const [lo, hi] = [spread.mean - spread.betweenSd, spread.mean + spread.betweenSd];
  // Wide enough for the scatter within lots: lots that differ by less stand close together.
  const room = 1.5 * Math.max(spread.betweenSd, spread.withinSd ?? 0);
  const least = Math.min(spread.mean - room, ...lots.map((lot) => lot.mean));
  const most = Math.max(spread.mean + room, ...lots.map((lot) => lot.mean));
  const at = (value: number): number =>
    most === least ? WIDTH / 2 : MARGIN + ((value - least) / (most - least)) * (WIDTH - 2 * MARGIN);
  return { lots: lots.map((lot) => at(lot.mean)), band: [at(lo), at(hi)] };
}

interface KinStripProps {
  readonly kin: MaterialSpread;
  readonly lotId: string;
}

/** Every lot of a material as a mark on one line; the lot in question is filled, the band is one SD from lot to lot. */
export function KinStrip({ kin, lotId }: KinStripProps): ReactElement {
  const places = stripPlaces(kin);
  const [from, to] = places.band;
  const { digits, unit, label } = property(kin.property);
  const words = kin.lots.map((lot) => `${lot.code} ${amount(lot.mean, unit, digits)}`).join(', ');
  return (
    <svg
      className="block h-[34px] w-full max-w-80"
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      role="img"
      aria-label={`${label}: ${words}`}
    >
      <rect x={from} y={9} width={Math.max(2, to - from)} height={14} fill="var(--zinc-2)" />
      <line x1={MARGIN} x2={WIDTH - MARGIN} y1={16} y2={16} stroke="var(--ink)" strokeWidth={1} />
      {kin.lots.map((lot, i) => (
        <circle
          key={lot.id}
          cx={places.lots[i]}
          cy={16}
          r={7}
          fill={lot.id === lotId ? 'var(--ink)' : 'var(--paper)'}
          stroke="var(--ink)"
          strokeWidth={2}
        >
          <title>
            {lot.code}: {amount(lot.mean, unit, digits)}
          </title>
        </circle>
      ))}
    </svg>
  );
}
