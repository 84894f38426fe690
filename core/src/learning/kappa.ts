import { MEASURABLE, ready, type MeasuredBlend, type ReadyBlend } from './measuredBlend';

/** What is believed of the packing model before any blend was measured: N(1, 0.5²). */
export const KAPPA_PRIOR = Object.freeze({ mean: 1, sd: 0.5 });

export interface KappaFit {
  readonly value: number;
  readonly sd: number;
  readonly ci95: readonly [number, number];
}

/** Where the search for kappa ends, how fine it gets, and by how much kappa is moved to see how the blend answers. */
const SEARCH = Object.freeze({ most: 4, coarse: 16, fine: 1e-5, nudge: 1e-3 });
const GOLDEN = (Math.sqrt(5) - 1) / 2;
const NORMAL_95 = 1.959963984540054;

/** What depends on kappa: all but the pH, which the settling moves only through lime. */
const BY_KAPPA = MEASURABLE.filter((property) => property !== 'pH');

/** Squared misfit of all blends and of the prior, at one kappa. */
function misfit(blends: readonly ReadyBlend[], kappa: number): number {
  let sum = ((kappa - KAPPA_PRIOR.mean) / KAPPA_PRIOR.sd) ** 2;
  for (const { predicted: predict, measured } of blends) {
    const predicted = predict(kappa);
    for (const property of BY_KAPPA) {
      const one = measured[property];
      if (one !== undefined) sum += ((one.value - predicted[property]) / one.se) ** 2;
    }
  }
  return sum;
}

/** Information on kappa: squared slopes over variances, and the prior's own. */
function information(blends: readonly ReadyBlend[], kappa: number): number {
  const [below, above] = [Math.max(0, kappa - SEARCH.nudge), kappa + SEARCH.nudge];
  let sum = 1 / KAPPA_PRIOR.sd ** 2;
  for (const { predicted, measured } of blends) {
    const lower = predicted(below);
    const upper = predicted(above);
    for (const property of BY_KAPPA) {
      const one = measured[property];
      if (one !== undefined) sum += ((upper[property] - lower[property]) / (above - below) / one.se) ** 2;
    }
  }
  return sum;
}

/**
 * Kappa, the share of the packing model's shrink that really happens, from measured blends: regularised least squares.
 *
 * Minimises sum ((measured - predicted(kappa)) / se)^2 + ((kappa - 1) / 0.5)^2 over air, water and bulk density, kappa
 * 0..4; sd from the curvature there, ci95 = kappa +- 1.96 sd, not below 0. Without blends it is the prior.
 * Source: prior and method by our own guidance; the model is linear enough in kappa for the curvature to hold.
 */
export function fitKappa(blends: readonly MeasuredBlend[]): KappaFit {
  return fitReady(blends.map(ready));
}

/** The same for blends that are made ready. */
export function fitReady(blends: readonly ReadyBlend[]): KappaFit {
  // A coarse look first: a blend whose loss of pores is capped can make the misfit uneven.
  const step = SEARCH.most / SEARCH.coarse;
  let start = 0;
  let least = Infinity;
  for (let i = 0; i <= SEARCH.coarse; i += 1) {
    const here = misfit(blends, i * step);
    if (here < least) [least, start] = [here, i * step];
  }
  let [lo, hi] = [Math.max(0, start - step), Math.min(SEARCH.most, start + step)];
  // Golden section: of the two points inside, one serves the next step as well.
  let [left, right] = [hi - GOLDEN * (hi - lo), lo + GOLDEN * (hi - lo)];
  let [atLeft, atRight] = [misfit(blends, left), misfit(blends, right)];
  while (hi - lo >= SEARCH.fine) {
    if (atLeft <= atRight) {
      [hi, right, atRight] = [right, left, atLeft];
      left = hi - GOLDEN * (hi - lo);
      atLeft = misfit(blends, left);
    } else {
      [lo, left, atLeft] = [left, right, atRight];
      right = lo + GOLDEN * (hi - lo);
      atRight = misfit(blends, right);
    }
  }
  const value = (lo + hi) / 2;
  const sd = 1 / Math.sqrt(information(blends, value));
  return { value, sd, ci95: [Math.max(0, value - NORMAL_95 * sd), value + NORMAL_95 * sd] };
}
