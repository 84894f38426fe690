import { fitEnded, refuse, requirePositive, type Check, said } from '../errors';
import { list, maybe, number, object, type InputOf } from '../method';
import { invertSymmetric, leastSquares, normal, type Bounds, type LeastSquaresFit } from '../numeric';
import { addCurve, RETENTION_ORDER } from './curveSlopes';
import { OBSERVATION, observedHeights, placeOf, requireObservation, type RetentionObservation } from './observation';
import { thetaAt, type Retention } from './retention';
import { areAllFound, MOST_STARTS, startAt } from './starts';

export type RetentionParameter = keyof Retention;

export const RETENTION_FIT_INPUT = object({
  d50_mm: maybe(number()),
  observations: list(OBSERVATION),
  fix: maybe(
    object({
      thetaR: maybe(number()),
      thetaS: maybe(number()),
      alpha_percm: maybe(number()),
      n: maybe(number()),
    }),
  ),
});
export type RetentionFitInput = InputOf<typeof RETENTION_FIT_INPUT>;

export interface RetentionFitResult {
  readonly retention: Retention;
  /** Standard errors of the free parameters; absent where there are no degrees of freedom or no information. */
  readonly se?: Partial<Retention>;
  /** 4 x 4 in the order thetaR, thetaS, alpha_percm, n; zero where fixed. */
  readonly covariance?: readonly (readonly number[])[];
  readonly rmse: number;
  readonly r2?: number;
  readonly airAt10: number;
  readonly easilyAvailable: number;
  readonly buffering: number;
  readonly lessAvailable: number;
  readonly fixed: readonly RetentionParameter[];
  readonly checks: readonly Check[];
}

/** Bounds of the fit; alpha's upper one falls with the grain, but never under `leastAlphaTop`. */
export const FIT_BOUNDS = Object.freeze({
  thetaR: { lo: 0, hi: 0.45 },
  thetaS: { lo: 0.2, hi: 0.99 },
  alpha_percm: { lo: 1e-4, hi: 3 },
  n: { lo: 1.05, hi: 10 },
  alphaPerGrain: 0.35,
  leastAlphaTop: 0.35,
});

/** Good enough that another start cannot matter. */
const PERFECT_SSE = 1e-20;

/** Starts that end at one sum of squares, to this share, found one minimum. */
const SAME_MINIMUM = 1e-6;

/** The four parameters as the iteration moves them, and back. */
const toFree = (r: Retention): number[] => [r.thetaR, r.thetaS, Math.log(r.alpha_percm), Math.log(r.n - 1)];
const fromFree = (free: readonly number[]): Retention => ({
  thetaR: free[0] as number,
  thetaS: free[1] as number,
  alpha_percm: Math.exp(free[2] as number),
  n: 1 + Math.exp(free[3] as number),
});

function boundsFor(d50_mm: number | undefined): Bounds {
  const { thetaR, thetaS, alpha_percm, n, alphaPerGrain, leastAlphaTop } = FIT_BOUNDS;
  const grain = d50_mm === undefined ? alpha_percm.hi : alphaPerGrain * d50_mm;
  const top = Math.max(leastAlphaTop, Math.min(alpha_percm.hi, grain));
  return {
    lo: [thetaR.lo, thetaS.lo, Math.log(alpha_percm.lo), Math.log(n.lo - 1)],
    hi: [thetaR.hi, thetaS.hi, Math.log(top), Math.log(n.hi - 1)],
  };
}

/** Residuals of all observations by the free parameters only; the fixed ones stand in `base`. */
function residualsOf(observations: readonly RetentionObservation[], base: readonly number[], free: readonly number[]) {
  const looked = observations.map((one) => observedHeights(one));
  const sums = new Float64Array(5);
  const full = [...base];
  const evaluate = (parameters: readonly number[], residuals: Float64Array, jacobian: Float64Array): void => {
    free.forEach((index, i) => {
      full[index] = parameters[i] as number;
    });
    const retention = fromFree(full);
    observations.forEach((observation, row) => {
      const { suctions_cm, weights } = looked[row] as (typeof looked)[number];
      sums.fill(0);
      for (let k = 0; k < suctions_cm.length; k += 1)
        addCurve(retention, suctions_cm[k] as number, weights[k] as number, sums);
      const root = Math.sqrt(observation.weight ?? 1);
      residuals[row] = root * ((sums[0] as number) - observation.theta);
      free.forEach((index, i) => {
        jacobian[row * free.length + i] = root * (sums[index + 1] as number);
      });
    });
  };
  return { count: observations.length, evaluate };
}

/**
 * Van Genuchten's curve through what was measured of it: points, columns of several depths and slices, in one fit.
 *
 * Minimises sum w (theta_model - theta)^2; a column's or slice's theta is the mean over its heights, suction being the
 * height above a drained base; a point with `ringHeight_cm` is the mean over its ring. Bounds: FIT_BOUNDS, with
 * alpha to the smaller of 3 and 0.35 d50_mm per cm, never under 0.35. As many starts as it takes to have found all
 * minima by the rule of Boender and Rinnooy Kan (7 where all end in one), at most 40.
 * Standard errors from SSE/(n - p) (J'J)^-1, absent where observations are as few as free parameters, where they
 * cannot tell parameters apart, and for a parameter that rests on a bound; each says so in a check.
 * rmse = sqrt(SSE/n). Derived: air at 10 cm, theta(10)-theta(50), theta(50)-theta(100), theta(100).
 * Throws for fewer observations than free parameters (path `observations`), for bad observations and fixed values.
 * Source: van Genuchten (1980); derived figures by De Boodt and Verdonck (1972).
 * Example: eight points of thetaR 0.1, thetaS 0.9, alpha 0.1, n 2 give these back.
 */
export function fitRetention(input: RetentionFitInput): RetentionFitResult {
  const { observations } = input;
  const fix = input.fix ?? {};
  if (input.d50_mm !== undefined) requirePositive('d50_mm', input.d50_mm, 'mm');
  observations.forEach((observation, i) => {
    requireObservation(observation, `observations[${String(i)}]`);
  });
  requireFix(fix);
  const fixed = RETENTION_ORDER.filter((name) => fix[name] !== undefined);
  const free = RETENTION_ORDER.flatMap((name, i) => (fix[name] === undefined ? [i] : []));
  if (observations.length < free.length) {
    refuse(
      'observations',
      `${String(observations.length)} observations cannot fit ${String(free.length)} free parameters; measure more, or fix some`,
    );
  }
  const { base, fit } = bestFit(input, fix, free);
  const full = [...base];
  free.forEach((index, i) => {
    full[index] = fit.parameters[i] as number;
  });
  const retention = fromFree(full);
  const spread = spreadOf(input, full, free, fit);
  const sst = weightedSpread(observations);
  return {
    retention,
    ...(spread.covariance === undefined ? {} : { se: spread.se, covariance: spread.covariance }),
    rmse: Math.sqrt(fit.sse / observations.length),
    ...(observations.length > free.length && sst > 0 ? { r2: 1 - fit.sse / sst } : {}),
    airAt10: retention.thetaS - thetaAt(retention, 10),
    easilyAvailable: thetaAt(retention, 10) - thetaAt(retention, 50),
    buffering: thetaAt(retention, 50) - thetaAt(retention, 100),
    lessAvailable: thetaAt(retention, 100),
    fixed,
    checks: spread.checks,
  };
}

function requireFix(fix: Partial<Retention>): void {
  const within = (name: RetentionParameter, isGood: (value: number) => boolean, words: string): void => {
    const value = fix[name];
    if (value !== undefined && !isGood(value)) refuse(`fix.${name}`, `${said(value)} must ${words}`);
  };
  within('thetaR', (v) => v >= 0 && v < 1, 'lie between 0 and 1');
  within('thetaS', (v) => v > 0 && v <= 1, 'lie above 0 and not over 1');
  within('alpha_percm', (v) => v > 0 && Number.isFinite(v), 'be above 0');
  within('n', (v) => v > 1 && Number.isFinite(v), 'be above 1');
  if (fix.thetaR !== undefined && fix.thetaS !== undefined && fix.thetaS <= fix.thetaR) {
    refuse('fix.thetaS', `${String(fix.thetaS)} must be above thetaR ${String(fix.thetaR)}`);
  }
}

interface Best {
  /** All four parameters as the iteration moves them; the free ones are starts. */
  readonly base: readonly number[];
  readonly fit: LeastSquaresFit;
}

function bestFit(input: RetentionFitInput, fix: Partial<Retention>, free: readonly number[]): Best {
  const bounds = boundsFor(input.d50_mm);
  const pick = (values: readonly number[]): number[] => free.map((index) => values[index] as number);
  const thetas = input.observations.map(({ theta }) => theta);
  const wettest = Math.max(...thetas);
  const driest = Math.min(...thetas);
  let best: Best | undefined;
  const minima: number[] = [];
  for (let start = 0; start < MOST_STARTS; start += 1) {
    const [alpha_percm, n] = startAt(start);
    const base = toFree({ thetaR: 0.6 * driest, thetaS: wettest, alpha_percm, n, ...fix });
    const model = residualsOf(input.observations, base, free);
    const fit = leastSquares(model, pick(base), { lo: pick(bounds.lo), hi: pick(bounds.hi) });
    if (!minima.some((sse) => Math.abs(fit.sse - sse) <= SAME_MINIMUM * sse)) minima.push(fit.sse);
    best = best === undefined || fit.sse < best.fit.sse ? { base, fit } : best;
    if (best.fit.sse < PERFECT_SSE || areAllFound(minima.length, start + 1)) break;
  }
  return best as Best;
}

function weightedSpread(observations: readonly RetentionObservation[]): number {
  const whole = observations.reduce((sum, one) => sum + (one.weight ?? 1), 0);
  const mean = observations.reduce((sum, one) => sum + (one.weight ?? 1) * one.theta, 0) / whole;
  return observations.reduce((sum, one) => sum + (one.weight ?? 1) * (one.theta - mean) ** 2, 0);
}

interface Spread {
  readonly se?: Partial<Retention>;
  readonly covariance?: readonly (readonly number[])[];
  readonly checks: readonly Check[];
}

/** Standard errors in the parameters' own units, from the slopes at the fit. */
function spreadOf(
  input: RetentionFitInput,
  full: readonly number[],
  free: readonly number[],
  fit: LeastSquaresFit,
): Spread {
  const { observations } = input;
  const checks: Check[] = [];
  const say = (code: string, message: string): void => {
    checks.push({ code, severity: 'caution', message });
  };
  const bound = fit.atBound.map((i) => free[i] as number);
  for (const index of bound)
    say('at-bound', `${RETENTION_ORDER[index] as string} rests on the bound of the fit, so it has no standard error.`);
  checks.push(...fitEnded(fit.status, 'observations'));
  const inside = free.filter((index) => !bound.includes(index));
  const places = new Set(observations.map(placeOf)).size;
  if (places < free.length) {
    say(
      'underdetermined',
      `${String(places)} different observations cannot tell ${String(free.length)} parameters apart: fix one, or measure at another suction.`,
    );
    return { checks };
  }
  const freedom = observations.length - free.length;
  if (freedom === 0) {
    checks.push({
      code: 'no-freedom',
      severity: 'note',
      message: 'As many parameters as observations: no standard errors.',
    });
    return { checks };
  }
  const model = residualsOf(observations, full, inside);
  const residuals = new Float64Array(model.count);
  const jacobian = new Float64Array(model.count * inside.length);
  model.evaluate(
    inside.map((index) => full[index] as number),
    residuals,
    jacobian,
  );
  const inverse = invertSymmetric(normal(residuals, jacobian, inside.length).curvature);
  if (inverse === undefined) {
    say(
      'underdetermined',
      'The observations cannot tell the parameters apart: fix one, or measure at another suction.',
    );
    return { checks };
  }
  // d alpha = alpha d(ln alpha), d n = (n - 1) d(ln(n - 1)).
  const scale = [1, 1, Math.exp(full[2] as number), Math.exp(full[3] as number)];
  const covariance = RETENTION_ORDER.map((_, i) =>
    RETENTION_ORDER.map((__, j) => {
      const [row, column] = [inside.indexOf(i), inside.indexOf(j)];
      if (row < 0 || column < 0) return 0;
      const value = ((inverse[row] as number[])[column] as number) * (fit.sse / freedom);
      return value * (scale[i] as number) * (scale[j] as number);
    }),
  );
  const se = Object.fromEntries(
    inside.map((i) => [RETENTION_ORDER[i] as string, Math.sqrt((covariance[i] as number[])[i] as number)]),
  );
  return { se, covariance, checks };
}
