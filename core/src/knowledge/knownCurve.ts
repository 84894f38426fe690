import { fitEnded, type Check } from '../errors';
import { thetaAt, type Retention } from '../retention';
import { seededRandom } from '../scoring';
import { meanOf, sdOf } from '../statistics';
import { bodyOf } from './body';
import { curveSight } from './curveSights';
import type { SpreadPart } from './combine';
import { requireReadings, type LotReadings } from './lotReadings';
import { BODY, bodyFromScale, curveFromScale, curveSlopes, fromLogit, logit, type Body } from './scales';

/** A value with what is left in doubt of it. */
export interface Belief {
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
}

export interface CurveBandPoint {
  readonly head_cm: number;
  readonly lo: number;
  readonly hi: number;
}

export interface LotCurveResult extends Body {
  /** Covariance of thetaR, thetaS, alpha_percm, n in their own units, at the scale of Student's t. */
  readonly covariance: readonly (readonly number[])[];
  /** Where the curve lies with 95 %. */
  readonly band: readonly CurveBandPoint[];
  readonly airAt10: Belief;
  readonly easilyAvailable: Belief;
  /** Root mean square of what was seen less what the curve says; absent where nothing was. */
  readonly rmse?: number;
  readonly checks: readonly Check[];
}

/** Suctions of the band, cm: even on a log scale from 1 to 1000. */
const HEADS = Array.from({ length: 31 }, (_, i) => 10 ** (i / 10));

/** Draws that a band along the curve is made of, and the seed that they always have. */
const DRAWS = 400;
const SEED = 1;
/** Half of a 95 % interval, in standard deviations of the draws. */
const WITHIN = 1.959963984540054;

/**
 * What is known of a lot's water curve, weight and grains: the spread of its class as prior, its readings as data,
 * combined once; any mixture of porosity, depths, rings and suctions.
 *
 * `seen` holds water fractions of the repeats, by run and depth; densities g/mL, d50 mm, by run. Each mean has the standard
 * error of its method (`methodSpread`), widened where runs disagree (`bodyOf`). The most probable values by Gauss-Newton on
 * the scales of `scales.ts`; what is left in doubt by draws (`Sampler`). Without a class the prior is the distribution of
 * all classes. A measured grain size bounds alpha at 0.35 d50 per cm, as in `retention-fit`, never under 0.35. Nothing
 * seen gives the class itself. `band` is 95 %, on the logit of theta; p5, p50, p95 are of 400 draws.
 * Throws for a class that is not known, for empty lists and values that no bench can give.
 * Example: peat, light, fine with no reading: its class's curve.
 */
export function knownCurve(input: LotReadings): LotCurveResult {
  requireReadings(input);
  const { x, parts, status, sampler } = bodyOf(input);
  const body = bodyFromScale(x);
  const misses = input.seen.flatMap((one) => {
    if (one.kind === 'least') return [];
    const said = curveSight(one, 0, 1).look(x, new Float64Array(BODY.length));
    return one.values.map((value) => value - said);
  });
  const draws = sampler();
  const random = seededRandom(SEED);
  const curves = Array.from({ length: DRAWS }, (_, i) => curveFromScale(draws.draw(random, i % 2 === 1)));
  return {
    ...body,
    covariance: ownCovariance(body.retention, parts),
    band: HEADS.map((head_cm): CurveBandPoint => {
      const thetas = curves.map((curve) => logit(thetaAt(curve, head_cm)));
      const [mean, half] = [meanOf(thetas), WITHIN * sdOf(thetas)];
      return { head_cm, lo: fromLogit(mean - half), hi: fromLogit(mean + half) };
    }),
    airAt10: belief(curves.map((curve) => curve.thetaS - thetaAt(curve, 10))),
    easilyAvailable: belief(curves.map((curve) => thetaAt(curve, 10) - thetaAt(curve, 50))),
    ...(misses.length === 0 ? {} : { rmse: Math.sqrt(meanOf(misses.map((miss) => miss * miss))) }),
    checks: fitEnded(status, 'seen'),
  };
}

/** Middle and 5 to 95 % of draws. */
export function belief(draws: readonly number[]): Belief {
  const sorted = [...draws].sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (sorted.length - 1);
    const below = sorted[Math.floor(place)] as number;
    return below + (place % 1) * ((sorted[Math.ceil(place)] as number) - below);
  };
  return { p5: at(0.05), p50: at(0.5), p95: at(0.95) };
}

/** Covariance of the curve's own parameters: the scales' slopes, the other way round. */
function ownCovariance(retention: Retention, parts: readonly SpreadPart[]): number[][] {
  const [byRatio, byS, byAlpha, byN] = curveSlopes(retention) as [number[], number[], number[], number[]];
  const own = (column: readonly number[]): number[] => {
    const [ratio, s, alpha, n] = column as [number, number, number, number];
    const thetaS = s / (byS[1] as number);
    return [
      (ratio - (byRatio[1] as number) * thetaS) / (byRatio[0] as number),
      thetaS,
      alpha / (byAlpha[2] as number),
      n / (byN[3] as number),
    ];
  };
  const covariance = Array.from({ length: 4 }, () => [0, 0, 0, 0]);
  for (const { columns } of parts)
    for (const column of columns.map(own))
      column.forEach((a, i) => {
        column.forEach((b, j) => {
          (covariance[i] as number[])[j] = ((covariance[i] as number[])[j] as number) + a * b;
        });
      });
  return covariance;
}
