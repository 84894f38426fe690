import type { Outcome } from '@bent-pail/core';
import type { ReactElement } from 'react';

interface BandStripProps {
  readonly outcome: Outcome;
  readonly says: string;
}

/** How far the drawing goes beyond the band, in parts of its width. */
const BEYOND = 0.35;

/** A band, its middle, and the dot that was measured; the dot stands at the edge where it lies farther out. */
export function BandStrip({ outcome: { p5, p50, p95, measured }, says }: BandStripProps): ReactElement {
  const width = p95 - p5;
  const from = p5 - BEYOND * width;
  const at = (value: number): number => Math.min(Math.max((100 * (value - from)) / ((1 + 2 * BEYOND) * width), 2), 98);
  const inside = measured >= p5 && measured <= p95;
  return (
    <svg
      className="block h-5 w-full min-w-24"
      viewBox="0 0 100 20"
      preserveAspectRatio="none"
      role="img"
      aria-label={says}
    >
      <rect x={at(p5)} y="5" width={at(p95) - at(p5)} height="10" className="fill-zinc2" />
      <line
        x1={at(p50)}
        x2={at(p50)}
        y1="3"
        y2="17"
        className="stroke-ink2"
        vectorEffect="non-scaling-stroke"
        strokeWidth="1.5"
      />
      <line
        x1={at(measured)}
        x2={at(measured)}
        y1="10"
        y2="10"
        strokeLinecap="round"
        vectorEffect="non-scaling-stroke"
        strokeWidth="9"
        className={inside ? 'stroke-ink' : 'stroke-red'}
      />
    </svg>
  );
}
