import { fitEnded, refuse, requireNotNegative, requirePositive, requireWithin, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { bisect, leastSquares, type Residuals } from '../numeric';
import { CONTAINER, geometricVolume_mL, requireContainer, shareBelow, type Container } from '../vessel';

const READING = object({ t_d: number('since it was first watered'), depth_cm: number('of the medium') });
const TOP_UP = object({ t_d: number(), from_cm: number(), to_cm: number() });

const INPUT = object({
  container: CONTAINER,
  fill_cm: number('depth as it was filled, before the first watering'),
  readings: list(READING, 'by time'),
  toppedUp: maybe(list(TOP_UP, 'by time')),
  at_d: number('the day that is asked for'),
  air: maybe(number('of the medium after the first watering, drained')),
});
export type PotSettlingInput = InputOf<typeof INPUT>;

export interface PotSettlingResult {
  /** Part of the volume lost at the first watering. */
  readonly s0: number;
  /** Part that rotting and working down will take in the end, and how fast; absent where one look says nothing of it. */
  readonly sInf?: number;
  readonly k_perD?: number;
  /** Which of them were assumed. */
  readonly assumed: readonly string[];
  readonly rmse: number;
  readonly slump_cm: number;
  /** Of what was filled in, on the day asked for; top-ups not counted. */
  readonly kept: number;
  /** With what was topped up. */
  readonly depth_cm: number;
  readonly volume_L?: number;
  readonly topUp_cm: number;
  readonly topUp_L?: number;
  /** What the year after that day will take. */
  readonly yearTopUp_L?: number;
  /** If all that was lost was air. */
  readonly air?: number;
  readonly checks: readonly Check[];
}

/** Half of what rots and works down has gone in about four months, where nothing says how fast. */
export const SETTLING_ASSUMED = Object.freeze({ k_perD: 1 / 180 });
/** Looks from which the slow loss can be told, and its pace. */
const LEAST = { slow: 2, pace: 4 };
const PACES = [1 / 30, 1 / 180, 1 / 1000] as const;
const BOUNDS = { lo: [0, 0, 1 / 5000], hi: [0.9, 0.9, 1] };
const YEAR_D = 365;

function requireSettling({ container, fill_cm, readings, toppedUp = [], at_d, air }: PotSettlingInput): void {
  requireContainer(container);
  requirePositive('fill_cm', fill_cm, 'cm');
  requireWithin('fill_cm', fill_cm, 0, container.height_cm, 'cm');
  if (readings.length === 0) refuse('readings', 'one depth after the first watering is needed');
  const inOrder = (path: string, times: readonly number[]): void => {
    times.forEach((t_d, i) => {
      requireNotNegative(`${path}[${String(i)}].t_d`, t_d, 'd');
      if (i > 0 && t_d < (times[i - 1] as number))
        refuse(`${path}[${String(i)}].t_d`, `${String(t_d)} d is before the one above`);
    });
  };
  inOrder(
    'readings',
    readings.map(({ t_d }) => t_d),
  );
  inOrder(
    'toppedUp',
    toppedUp.map(({ t_d }) => t_d),
  );
  readings.forEach(({ depth_cm }, i) => {
    requirePositive(`readings[${String(i)}].depth_cm`, depth_cm, 'cm');
    requireWithin(`readings[${String(i)}].depth_cm`, depth_cm, 0, container.height_cm, 'cm');
  });
  toppedUp.forEach(({ from_cm, to_cm }, i) => {
    requireWithin(`toppedUp[${String(i)}].to_cm`, to_cm, 0, container.height_cm, 'cm');
    if (!(from_cm > 0 && to_cm > from_cm))
      refuse(`toppedUp[${String(i)}].from_cm`, `${String(from_cm)} to ${String(to_cm)} cm must rise`);
  });
  requireNotNegative('at_d', at_d, 'd');
  if (air !== undefined) requireWithin('air', air, 0, 1);
}

/** Depth at which a share of the container lies below, cm. */
export function depthOfShare(container: Container, share: number): number {
  if (share <= 0) return 0;
  if (share >= 1) return container.height_cm;
  return bisect((depth_cm) => shareBelow(container, depth_cm) - share, 0, container.height_cm);
}

interface Seen {
  readonly t_d: number;
  readonly lost: number;
}

/** Residuals by s0, sInf and k; what is not free stays as it is given. */
function model(seen: readonly Seen[], k_perD: number, free: number): Residuals {
  return {
    count: seen.length,
    evaluate: (parameters, residuals, jacobian) => {
      const [s0, sInf = 0, k = k_perD] = parameters as [number, number?, number?];
      seen.forEach(({ t_d, lost }, row) => {
        const left = Math.exp(-k * t_d);
        residuals[row] = s0 + sInf * (1 - left) - lost;
        const by = [1, 1 - left, sInf * t_d * left];
        for (let i = 0; i < free; i += 1) jacobian[row * free + i] = by[i] as number;
      });
    },
  };
}

/**
 * How a filled pot settles: at once when it is first watered, then by rotting and working down.
 *
 * V(t) / V(0) = 1 - s0 - sInf (1 - exp(-k t)), least squares through the depths, t in days from the first watering. Depths
 * become volumes by the pot's own taper; what was topped up is taken off again, its own settling is not followed. One
 * look gives s0 alone; from two on sInf with an assumed k; from four on k as well. `air` now if all that was lost was
 * air: (air V1 - (V1 - V)) / V, not below 0. Lengths cm, volumes L.
 * Throws for depths that no pot can have, or out of order.
 * Source: first-order decay; least squares.
 * Example: a straight pot, 20 cm filled, 18 after watering and for ever: s0 0.1, 2 cm to top up.
 */
export function settling(input: PotSettlingInput): PotSettlingResult {
  requireSettling(input);
  const { container, fill_cm, readings, toppedUp = [], at_d, air } = input;
  const shareAt = (depth_cm: number): number => shareBelow(container, depth_cm);
  const filled = shareAt(fill_cm);
  const addedBy = (t_d: number): number =>
    toppedUp
      .filter((one) => one.t_d <= t_d)
      .reduce((sum, { from_cm, to_cm }) => sum + shareAt(to_cm) - shareAt(from_cm), 0);
  // A depth of the day of a top-up is the one before it.
  const addedBefore = (t_d: number): number => addedBy(t_d - 1e-9);
  const seen = readings.map(({ t_d, depth_cm }): Seen => ({
    t_d,
    lost: 1 - (shareAt(depth_cm) - addedBefore(t_d)) / filled,
  }));
  const times = new Set(seen.map(({ t_d }) => t_d)).size;
  const free = times < LEAST.slow ? 1 : times < LEAST.pace ? 2 : 3;
  const starts = free === 3 ? PACES : [SETTLING_ASSUMED.k_perD];
  const fits = starts.map((k) =>
    leastSquares(model(seen, k, free), [Math.max(0, seen[0]?.lost ?? 0), 0.1, k].slice(0, free), {
      lo: BOUNDS.lo.slice(0, free),
      hi: BOUNDS.hi.slice(0, free),
    }),
  );
  const best = fits.reduce((a, b) => (b.sse < a.sse ? b : a));
  const [s0, sInf, k = SETTLING_ASSUMED.k_perD] = best.parameters as [number, number?, number?];
  const keptAt = (t_d: number): number => 1 - s0 - (sInf ?? 0) * (1 - Math.exp(-k * t_d));
  const kept = keptAt(at_d);
  const share = kept * filled + addedBy(at_d);
  const whole_L = (geometricVolume_mL(container) ?? NaN) / 1000;
  const depth_cm = depthOfShare(container, share);
  const missing = Math.max(0, filled - share);
  const known = Number.isFinite(whole_L);
  const v1 = (1 - s0) * filled;
  const v = kept * filled;
  return {
    s0,
    ...(sInf === undefined ? {} : { sInf, k_perD: k }),
    assumed: free === 3 ? [] : free === 2 ? ['k_perD'] : ['sInf', 'k_perD'],
    rmse: Math.sqrt(best.sse / seen.length),
    slump_cm: fill_cm - depthOfShare(container, v1),
    kept,
    depth_cm,
    ...(known ? { volume_L: share * whole_L } : {}),
    topUp_cm: Math.max(0, fill_cm - depth_cm),
    ...(known ? { topUp_L: missing * whole_L } : {}),
    ...(known && sInf !== undefined ? { yearTopUp_L: (kept - keptAt(at_d + YEAR_D)) * filled * whole_L } : {}),
    ...(air === undefined ? {} : { air: Math.max(0, (air * v1 - (v1 - v)) / v) }),
    checks: [...fitEnded(best.status, 'readings'), ...risen(seen)],
  };
}

/** A medium does not rise by itself. */
function risen(seen: readonly Seen[]): Check[] {
  const at = seen.findIndex(({ lost }, i) => i > 0 && lost < (seen[i - 1] as Seen).lost - RISEN);
  return at === -1
    ? []
    : [
        {
          code: 'risen',
          severity: 'caution',
          message: `Look ${String(at + 1)} stands higher than the one before it: was it topped up, or measured elsewhere?`,
        },
      ];
}

/** Part of the volume that a ruler may be off by. */
const RISEN = 0.02;

export const settlingMethod = defineMethod({
  name: 'settling',
  version: 1,
  source: 'First-order decay; least squares through the depths.',
  schema: INPUT,
  calculate: settling,
  outputs: {
    kept: {
      of: 'kept',
      sentence: 'What is left of the volume that was filled in, on that day.',
      formula: '1 − s₀ − s∞ (1 − exp(−k t)), fitted to the depths',
    },
    topUp: {
      of: 'topUp_cm',
      sentence: 'How far the medium stands below where it was filled to.',
      formula: 'depth filled − depth now',
    },
    air: {
      of: 'air',
      sentence: 'Air space if all that was lost was air.',
      formula: '(air × V₁ − (V₁ − V)) ÷ V',
    },
  },
  golden: {
    input: {
      container: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
      fill_cm: 24,
      readings: [
        { t_d: 0, depth_cm: 22.4 },
        { t_d: 30, depth_cm: 21.8 },
        { t_d: 90, depth_cm: 21 },
        { t_d: 180, depth_cm: 20.3 },
        { t_d: 365, depth_cm: 19.6 },
      ],
      at_d: 365,
      air: 0.28,
    },
    gives: {
      s0: 0.0826915096558,
      sInf: 0.147679117004,
      k_perD: 0.0067869644517,
      slump_cm: 1.62398223708,
      topUp_cm: 4.38502862443,
      kept: 0.782030654254,
      depth_cm: 19.6149713756,
      topUp_L: 2.55465779679,
      yearTopUp_L: 0.133140878664,
      air: 0.155452398886,
    },
  },
});
