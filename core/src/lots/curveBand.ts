import { findMediaClass } from '../classes';
import { RETENTION_ORDER, thetaAt, type Retention } from '../retention';
import { curveCovarianceOf } from './errorsOfLot';
import type { LotCurve } from './lotCurve';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** Where a curve lies at one suction with 95 %. */
export interface CurveBandPoint {
  readonly head_cm: number;
  readonly lo: number;
  readonly hi: number;
}

/** Suctions of the band, cm: even on a log scale from 1 to 1000. */
const HEADS = Array.from({ length: 31 }, (_, i) => 10 ** (i / 10));

/** Half of a 95 % interval, in standard errors. */
const WITHIN = 1.96;

/** Step of a slope, as a share of the parameter. */
const STEP = 1e-4;

/** How theta at a suction moves with each parameter. */
function slopesAt(retention: Retention, head_cm: number): number[] {
  return RETENTION_ORDER.map((name) => {
    const step = STEP * Math.max(Math.abs(retention[name]), 0.01);
    const moved = (sign: number): number => thetaAt({ ...retention, [name]: retention[name] + sign * step }, head_cm);
    return (moved(1) - moved(-1)) / (2 * step);
  });
}

/**
 * The band of a lot's curve: 1.96 standard errors of theta to both sides, from the curve's covariance by its slopes,
 * never outside 0 to 1. A class's curve has the spread between media of the class.
 */
export function curveBand(lot: LotRecord, figures: readonly LotFigure[], curve: LotCurve): CurveBandPoint[] {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const covariance = curveCovarianceOf(mediaClass, figures, curve);
  return HEADS.map((head_cm): CurveBandPoint => {
    const slopes = slopesAt(curve.retention, head_cm);
    const variance = slopes.reduce(
      (sum, a, i) => sum + slopes.reduce((row, b, j) => row + a * b * ((covariance[i] as number[])[j] as number), 0),
      0,
    );
    const theta = thetaAt(curve.retention, head_cm);
    const half = WITHIN * Math.sqrt(Math.max(0, variance));
    return { head_cm, lo: Math.max(0, theta - half), hi: Math.min(1, theta + half) };
  });
}
