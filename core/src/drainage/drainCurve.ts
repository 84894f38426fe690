import { fitEnded, refuse, requireNotNegative, type Check, said } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { leastSquares, type Residuals } from '../numeric';

/** Cumulative drainage at a time after the holes were opened. */
const READING = object({ t_s: number('after the holes were opened'), drained_mL: number('in all by then') });
export type DrainReading = InputOf<typeof READING>;

const INPUT = object({ readings: list(READING, 'by time') });
export type DrainageInput = InputOf<typeof INPUT>;

export type DrainClass = 'quick' | 'moderate' | 'slow' | 'very slow';

export interface DrainageResult {
  readonly vInf_mL: number;
  readonly tau_s: number;
  readonly beta: number;
  readonly t50_s: number;
  readonly t90_s: number;
  readonly class: DrainClass;
  readonly rmse_mL: number;
  readonly checks: readonly Check[];
}

/** Classes by t90, s: quick is under its limit, moderate and slow include theirs. */
export const DRAIN_CLASSES = Object.freeze({ quickUnder_s: 120, moderateTo_s: 600, slowTo_s: 3600 });

/** Shapes to start from. */
const BETAS = [0.5, 0.8, 1.2] as const;
const PARAMETERS = 3;

export function drainClass(t90_s: number): DrainClass {
  if (t90_s < DRAIN_CLASSES.quickUnder_s) return 'quick';
  if (t90_s <= DRAIN_CLASSES.moderateTo_s) return 'moderate';
  return t90_s <= DRAIN_CLASSES.slowTo_s ? 'slow' : 'very slow';
}

function requireReadings(readings: readonly DrainReading[]): void {
  if (readings.filter(({ t_s }) => t_s > 0).length < PARAMETERS) {
    refuse('readings', `at least ${String(PARAMETERS)} readings after time 0 are needed for a curve`);
  }
  readings.forEach(({ t_s, drained_mL }, i) => {
    const at = `readings[${String(i)}]`;
    requireNotNegative(`${at}.t_s`, t_s, 's');
    requireNotNegative(`${at}.drained_mL`, drained_mL, 'mL');
    const before = readings[i - 1];
    if (before === undefined) return;
    if (t_s <= before.t_s)
      refuse(`${at}.t_s`, `${said(t_s)} s must be after the reading before, ${said(before.t_s)} s`);
    if (drained_mL < before.drained_mL) {
      refuse(
        `${at}.drained_mL`,
        `${said(drained_mL)} mL is less than the ${said(before.drained_mL)} mL before: give what drained in all`,
      );
    }
  });
  if ((readings.at(-1)?.drained_mL ?? 0) === 0) refuse('readings', 'nothing drained, so there is no curve');
}

/** Residuals by ln V, ln tau, ln beta. */
function model(readings: readonly DrainReading[]): Residuals {
  return {
    count: readings.length,
    evaluate: (parameters, residuals, jacobian) => {
      const [v, tau, beta] = parameters.map(Math.exp) as [number, number, number];
      readings.forEach(({ t_s, drained_mL }, row) => {
        const power = t_s === 0 ? 0 : Math.pow(t_s / tau, beta);
        const left = Math.exp(-power);
        residuals[row] = v * (1 - left) - drained_mL;
        jacobian[row * PARAMETERS] = v * (1 - left);
        jacobian[row * PARAMETERS + 1] = -v * left * power * beta;
        jacobian[row * PARAMETERS + 2] = t_s === 0 ? 0 : v * left * power * beta * Math.log(t_s / tau);
      });
    },
  };
}

/**
 * The drain curve: how much runs out by when.
 *
 * V(t) = V_inf (1 - exp(-(t/tau)^beta)), least squares; t50 = tau (ln 2)^(1/beta), t90 = tau (ln 10)^(1/beta).
 * Readings in order of time, s, with cumulative mL; at least three after time 0. rmse divides by n.
 * Throws for readings out of order, falling, negative, too few, or all zero (path of the field).
 * Example: V_inf 300, tau 60, beta 1: t50 = 41.59 s, t90 = 138.16 s, moderate.
 */
export function drainage(input: DrainageInput): DrainageResult {
  const { readings } = input;
  requireReadings(readings);
  const last = readings.at(-1) as DrainReading;
  const half = readings.find(({ drained_mL }) => drained_mL >= last.drained_mL / 2) as DrainReading;
  const bounds = {
    lo: [Math.log(last.drained_mL / 2), Math.log(1e-2), Math.log(0.1)],
    hi: [Math.log(last.drained_mL * 20), Math.log(1e7), Math.log(5)],
  };
  const fits = BETAS.map((beta) =>
    leastSquares(
      model(readings),
      [Math.log(last.drained_mL * 1.02), Math.log(Math.max(half.t_s, 1) * 1.4), Math.log(beta)],
      bounds,
    ),
  );
  const best = fits.reduce((a, b) => (b.sse < a.sse ? b : a));
  const [vInf_mL, tau_s, beta] = best.parameters.map(Math.exp) as [number, number, number];
  const t90_s = tau_s * Math.log(10) ** (1 / beta);
  return {
    vInf_mL,
    tau_s,
    beta,
    t50_s: tau_s * Math.LN2 ** (1 / beta),
    t90_s,
    class: drainClass(t90_s),
    rmse_mL: Math.sqrt(best.sse / readings.length),
    checks: fitEnded(best.status, 'readings'),
  };
}

export const drainageMethod = defineMethod({
  name: 'drainage',
  version: 1,
  source: 'Least squares through the readings.',
  schema: INPUT,
  calculate: drainage,
  outputs: {
    t50_s: {
      of: 't50_s',
      property: 't50_s',
      sentence: 'By now half of all that will drain has drained.',
      formula: 'τ (ln 2)^(1/β), from V∞ (1 − exp(−(t/τ)^β)) fitted to the readings',
    },
    t90_s: {
      of: 't90_s',
      property: 't90_s',
      sentence: 'By now nine tenths of all that will drain have drained.',
      formula: 'τ (ln 10)^(1/β), from V∞ (1 − exp(−(t/τ)^β)) fitted to the readings',
    },
  },
  golden: {
    input: {
      readings: [
        { t_s: 10, drained_mL: 61 },
        { t_s: 30, drained_mL: 125 },
        { t_s: 60, drained_mL: 182 },
        { t_s: 120, drained_mL: 241 },
        { t_s: 300, drained_mL: 290 },
      ],
    },
    gives: {
      t50_s: 41.3797509661,
      t90_s: 188.893365966,
      vInf_mL: 300.974063351,
      beta: 0.790669442468,
    },
  },
});
