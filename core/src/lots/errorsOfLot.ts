import type { ComponentErrors } from '../bands';
import { findMediaClass, type MediaClass, type Typical } from '../classes';
import { property, type PropertyKey } from '../properties';
import {
  containerMean,
  containerRule,
  QUICK_QUADRATURE,
  thetaAt,
  type Retention,
  type RetentionInferInput,
} from '../retention';
import type { LotCurve } from './lotCurve';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** A class's range is read as its 5 to 95 % band; one standard deviation is this part of it. */
export const RANGE_TO_SD = 1 / (2 * 1.645);

/** Spread of what even a class does not state, as shares of the value. */
const GUESSED = Object.freeze({ spreadShare: 0.15, unknownD50Share: 0.6, unknownVoid: 0.08 });

/** Shape of a curve where no class is named: as wide as the widest class. */
const UNKNOWN_SHAPE_SD = Object.freeze({ thetaR_sd: 0.06, thetaS_sd: 0.03, lnAlpha_sd: 0.6, lnNMinus1_sd: 0.35 });

/** Part of a change of one input by which slopes are taken. */
const STEP = 1e-4;

const sdOf = ({ range: [lo, hi] }: Typical): number => (hi - lo) * RANGE_TO_SD;

/** Standard error of a measured figure; a single replicate is trusted no better than its method. */
function seOf(figure: LotFigure | undefined): number | undefined {
  if (figure === undefined || figure.origin === 'label') return undefined;
  return figure.summary.se ?? property(figure.property).floor;
}

/**
 * How uncertain what the desk knows of a lot is: standard errors of its own figures, wide ones of its class's.
 *
 * A measured figure has its SE, or its method's floor where there is one replicate; a class figure has a third of its
 * range. The curve varies as a whole: one inferred from a depth has the class's spread of shape, with alpha following
 * so that the measured capacity stays what it was measured to be.
 */
export function errorsOfLot(lot: LotRecord, figures: readonly LotFigure[], curve: LotCurve): ComponentErrors {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const find = (key: PropertyKey): LotFigure | undefined => figures.find((figure) => figure.property === key);
  const either = (key: PropertyKey, ofClass: Typical | undefined): number | undefined =>
    find(key) === undefined ? (ofClass === undefined ? undefined : sdOf(ofClass)) : seOf(find(key));
  const density = either('bulkDensity_gcc', mediaClass?.dryBulkDensity_gcc);
  const pH = either('pH', mediaClass?.pH_1to5_water);
  const ec = either('ec_dSm', mediaClass?.ec_1to2_dSm);
  const buffer = either('buffer_meqPerLpH', mediaClass?.buffer_meqPerLpH);
  return {
    ...(density === undefined ? {} : { dryBulkDensity_gcc_se: density }),
    ...(pH === undefined ? {} : { pH_se: pH }),
    ...(ec === undefined ? {} : { ec_dSm_se: ec }),
    ...(buffer === undefined ? {} : { buffer_meqPerLpH_se: buffer }),
    ...grainErrors(mediaClass),
    ...(find('d50_mm')?.summary.se === undefined ? {} : { d50_mm_se: find('d50_mm')?.summary.se as number }),
    retention_cov: curveCovarianceOf(mediaClass, figures, curve),
  };
}

function grainErrors(mediaClass: MediaClass | undefined): ComponentErrors {
  if (mediaClass === undefined)
    return { interparticleVoid_se: GUESSED.unknownVoid, d50_mm_se: GUESSED.unknownD50Share * 2 };
  return {
    interparticleVoid_se: sdOf(mediaClass.interparticleVoid),
    d50_mm_se: sdOf(mediaClass.d50_mm),
    spread_se: GUESSED.spreadShare * (mediaClass.spread - 1),
  };
}

/** How uncertain a lot's curve is, 4 x 4 in the order thetaR, thetaS, alpha_percm, n: as fitted, as inferred, or of its class. */
export function curveCovarianceOf(
  mediaClass: MediaClass | undefined,
  figures: readonly LotFigure[],
  curve: LotCurve,
): number[][] {
  const shape = mediaClass?.retentionSpread ?? UNKNOWN_SHAPE_SD;
  const { retention } = curve;
  const n_sd = (retention.n - 1) * shape.lnNMinus1_sd;
  if (curve.kind === 'fitted' && curve.fit.covariance !== undefined) return curve.fit.covariance.map((row) => [...row]);
  if (curve.kind !== 'inferred') {
    return diagonal([shape.thetaR_sd, shape.thetaS_sd, retention.alpha_percm * shape.lnAlpha_sd, n_sd]);
  }
  const se = (key: PropertyKey): number => seOf(figures.find((figure) => figure.property === key)) ?? shape.thetaS_sd;
  const inputs = [
    { key: 'thetaR', sd: Math.min(shape.thetaR_sd, 0.5 * (curve.input.capacity - retention.thetaR)) },
    { key: 'thetaS', sd: se('totalPorosity') },
    { key: 'n', sd: n_sd },
    { key: 'capacity', sd: se('containerCapacity') },
  ] as const;
  const covariance = diagonal([0, 0, 0, 0]);
  for (const { key, sd } of inputs) {
    const slope = slopesBy(curve.input, retention, key);
    slope.forEach((a, i) => {
      slope.forEach((b, j) => {
        const row = covariance[i] as number[];
        row[j] = (row[j] as number) + a * b * sd * sd;
      });
    });
  }
  return covariance;
}

/**
 * How thetaR, thetaS, alpha and n move with one input of the inference.
 *
 * The mean over the vessel stays the capacity, so alpha follows the others by the ratio of the mean's slopes; the mean
 * is looked at twice for each, a small step apart.
 */
function slopesBy(
  input: RetentionInferInput,
  retention: Retention,
  key: 'thetaR' | 'thetaS' | 'n' | 'capacity',
): readonly [number, number, number, number] {
  const rule = containerRule(input.container, [], QUICK_QUADRATURE);
  const mean = (curve: Retention): number => containerMean(rule, (z) => thetaAt(curve, z));
  const slopeBy = (name: keyof Retention): number => {
    const step = STEP * Math.max(retention[name], 0.01);
    const moved = (sign: number): number => mean({ ...retention, [name]: retention[name] + sign * step });
    return (moved(1) - moved(-1)) / (2 * step);
  };
  const byAlpha = slopeBy('alpha_percm');
  // Where alpha hardly moves the mean the vessel says nothing of it.
  const alpha = (change: number): number => (Math.abs(byAlpha) < 1e-9 ? 0 : change / byAlpha);
  switch (key) {
    case 'thetaR':
      return [1, 0, alpha(-slopeBy('thetaR')), 0];
    case 'thetaS':
      return [0, 1, alpha(-slopeBy('thetaS')), 0];
    case 'n':
      return [0, 0, alpha(-slopeBy('n')), 1];
    case 'capacity':
      return [0, 0, alpha(1), 0];
  }
}

function diagonal(errors: readonly number[]): number[][] {
  return errors.map((sd, i) => errors.map((_, j) => (i === j ? sd * sd : 0)));
}
