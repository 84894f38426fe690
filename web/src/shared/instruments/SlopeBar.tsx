import { CALIBRATION_LIMITS } from '@bent-pail/core';
import type { ReactElement } from 'react';

const [LO, HI, WIDTH] = [80, 115, 140];
const x = (percent: number): number => ((Math.min(Math.max(percent, LO), HI) - LO) / (HI - LO)) * WIDTH;

/** Where a slope lies between failed, so so and good. */
export function SlopeBar({ percent }: { readonly percent: number }): ReactElement {
  const { failedTo, cautionTo, goodTo, highCautionTo } = CALIBRATION_LIMITS.slopePercent;
  return (
    <svg width={WIDTH} height="18" viewBox={`0 0 ${String(WIDTH)} 18`} aria-hidden="true" className="inline-block">
      <rect x="0" y="6" width={WIDTH} height="6" fill="var(--zinc-2)" />
      <rect x={x(failedTo)} y="6" width={x(highCautionTo) - x(failedTo)} height="6" fill="var(--caution)" />
      <rect x={x(cautionTo)} y="6" width={x(goodTo) - x(cautionTo)} height="6" fill="var(--zinc-4)" />
      <path d={`M${String(x(percent))} 0 V18`} stroke="var(--ink)" strokeWidth="3" />
    </svg>
  );
}
