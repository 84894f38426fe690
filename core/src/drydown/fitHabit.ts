import { solveSymmetric } from '../numeric';
import type { DryDownInput } from './dryDownInput';
import { habitOf, slopesOf, waterOf, type Point } from './weighedPot';

/** What is believed of the logarithms of demand and stress point before the first weighing. */
export type Beliefs = readonly [Belief, Belief];
interface Belief {
  readonly at: number;
  readonly sd: number;
}

export interface FittedHabit {
  readonly point: Point;
  /** Inverse of the covariance, for weighings that err by `sigma_g`. */
  readonly information: readonly (readonly number[])[];
}

const ROUNDS = { most: 10, still: 5e-3 };
/** No step is longer, on the logarithms. */
const FARTHEST = 1.2;
/** Demands that are looked at before, as multiples of the SD of what is believed. */
const LOOKS = [-3, -2.25, -1.5, -0.75, 0, 0.75, 1.5, 2.25, 3] as const;

/**
 * Demand, stress point and the mass of everything but the water. A pot that is asked for far more than it can give looks
 * alike whatever is asked: so it is sought from every demand of a few that fits better than its neighbours, and the
 * likeliest of what was found counts.
 */
export function fitHabit(
  input: DryDownInput,
  times_d: readonly number[],
  beliefs: Beliefs,
  sigma_g: number,
): FittedHabit {
  const masses = input.weights.map(({ mass_g }) => mass_g);
  /** The point of a demand with the mass that fits it best, and how unlikely it is. */
  const looked = (demand: number, stress: number): { readonly point: Point; readonly off: number } => {
    const water = waterOf(input, habitOf([demand, stress, 0]), times_d);
    const rest = water.map((one, i) => (masses[i] as number) - one);
    const mass = rest.reduce((sum, one) => sum + one, 0) / rest.length;
    const believed = beliefs.reduce(
      (sum, { at, sd }, k) => sum + (([demand, stress][k] as number) - at) ** 2 / sd ** 2,
      0,
    );
    return {
      point: [demand, stress, mass],
      off: rest.reduce((sum, one) => sum + ((one - mass) / sigma_g) ** 2, believed),
    };
  };
  const [demand, stress] = beliefs;
  const looks = LOOKS.map((by) => looked(demand.at + by * demand.sd, stress.at));
  const starts = looks.filter(
    ({ off }, i) => off <= (looks[i - 1]?.off ?? Infinity) && off <= (looks[i + 1]?.off ?? Infinity),
  );
  const found = starts.map((start) => {
    const fitted = descend(input, start.point, times_d, beliefs, sigma_g);
    return { fitted, off: looked(fitted.point[0], fitted.point[1]).off };
  });
  return found.reduce((a, b) => (b.off < a.off ? b : a)).fitted;
}

function descend(
  input: DryDownInput,
  start: Point,
  times_d: readonly number[],
  beliefs: Beliefs,
  sigma_g: number,
): FittedHabit {
  let point = start;
  let information: number[][] = [];
  for (let round = 0; round < ROUNDS.most; round += 1) {
    const right = [0, 0, 0];
    information = [0, 1, 2].map(() => [0, 0, 0]);
    const weigh = (by: readonly number[], off: number): void => {
      by.forEach((one, j) => {
        right[j] = (right[j] as number) + one * off;
        by.forEach((other, k) => {
          (information[j] as number[])[k] = ((information[j] as number[])[k] as number) + one * other;
        });
      });
    };
    slopesOf(input, point, times_d).forEach(([water, demand, stress], i) => {
      const off = (input.weights[i] as { mass_g: number }).mass_g - point[2] - (water as number);
      weigh([(demand as number) / sigma_g, (stress as number) / sigma_g, 1 / sigma_g], off / sigma_g);
    });
    beliefs.forEach(({ at, sd }, k) => {
      weigh([k === 0 ? 1 / sd : 0, k === 1 ? 1 / sd : 0, 0], (at - (point[k] as number)) / sd);
    });
    const [demand, stress, mass] = (solveSymmetric(information, right) ?? [0, 0, 0]) as [number, number, number];
    const far = Math.max(1, Math.abs(demand) / FARTHEST, Math.abs(stress) / FARTHEST);
    point = [point[0] + demand / far, point[1] + stress / far, point[2] + mass / far];
    if (Math.abs(demand) < ROUNDS.still && Math.abs(stress) < 10 * ROUNDS.still) break;
  }
  return { point, information };
}
