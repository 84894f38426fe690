import { scoreOf, type ScoreFunction } from '@bent-pail/core';
import type { ReactElement } from 'react';

interface ScoreCurveProps {
  readonly fn: ScoreFunction;
  readonly from: number;
  readonly to: number;
}

const WIDTH = 220;
const HEIGHT = 44;
const POINTS = 110;

/** What a value scores, drawn from 0 to 10 over the values that matter. */
export function ScoreCurve({ fn, from, to }: ScoreCurveProps): ReactElement {
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const value = from + (i / POINTS) * (to - from);
    const y = HEIGHT - 2 - (scoreOf(fn, value) / 10) * (HEIGHT - 6);
    return `${String((i / POINTS) * WIDTH)} ${String(y)}`;
  });
  return (
    <svg
      className="block h-11 w-full"
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <path d={`M0 ${String(HEIGHT)}L${points.join('L')}L${String(WIDTH)} ${String(HEIGHT)}Z`} fill="var(--zinc-2)" />
      <path
        d={`M${points.join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
