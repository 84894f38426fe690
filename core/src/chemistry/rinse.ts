import { fitEnded, refuse, requireNotNegative, type Check, said } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { fitApproach, LEAST_OF_APPROACH } from '../numeric';

const INPUT = object({
  readings_dSm: list(number(), 'EC of each drain in order; the first is the first drain, before any rinse'),
  target_dSm: number(),
});
export type RinseInput = InputOf<typeof INPUT>;

export interface RinseResult {
  readonly ecInf_dSm: number;
  readonly r: number;
  /** Rinses after the first drain; absent where the target is never reached. */
  readonly rinsesToTarget?: number;
  readonly checks: readonly Check[];
}

/** Beyond this the number of rinses is no plan any more. */
const MOST_RINSES = 1000;

/**
 * Rinsing out free salts: EC_k = EC_inf + (EC_0 - EC_inf) r^k by least squares, and how many rinses reach a target.
 *
 * Readings of the same medium, dS/m, in order, at least three; r 0..1, EC_inf not below 0. Rinses are counted after the
 * first drain, whose fitted EC is EC_0; 0 where that is at the target already; absent, with a check, where EC_inf is
 * not below the target.
 * Throws for fewer than three readings, negative ones, or a first reading of zero.
 * Example: 3.2, 1.7, 0.95 (EC_inf 0.2, r 0.5) to 0.5: k = ln(0.1)/ln(0.5) = 3.32, so 4 rinses.
 */
export function rinse(input: RinseInput): RinseResult {
  const { readings_dSm: readings, target_dSm } = input;
  requireNotNegative('target_dSm', target_dSm, 'dS/m');
  if (readings.length < LEAST_OF_APPROACH)
    refuse('readings_dSm', `${String(readings.length)} readings; at least three tell how it falls`);
  readings.forEach((reading, i) => {
    requireNotNegative(`readings_dSm[${String(i)}]`, reading, 'dS/m');
  });
  const first = readings[0] as number;
  if (first === 0) refuse('readings_dSm[0]', 'a first drain of 0 dS/m has nothing to rinse out');
  const last = readings.at(-1) as number;
  const bounds = { lo: [0, -2 * first, 0], hi: [2 * Math.max(...readings), 4 * first, 1] };
  const { end: ecInf_dSm, gap: drop, r, status } = fitApproach(readings, 0.8 * last, bounds);
  const ended = fitEnded(status, 'readings_dSm');
  const needed = rinsesNeeded({ ecInf_dSm, drop, r, target_dSm });
  if (needed !== undefined) return { ecInf_dSm, r, rinsesToTarget: needed, checks: ended };
  const message = `Rinsing alone will not reach ${said(target_dSm)} dS/m: it levels out at ${ecInf_dSm.toFixed(2)}. A calcium soak may free what is held.`;
  return { ecInf_dSm, r, checks: [...ended, { code: 'never', severity: 'caution', message }] };
}

interface Falling {
  readonly ecInf_dSm: number;
  readonly drop: number;
  readonly r: number;
  readonly target_dSm: number;
}

function rinsesNeeded({ ecInf_dSm, drop, r, target_dSm }: Falling): number | undefined {
  if (ecInf_dSm + drop <= target_dSm) return 0;
  if (target_dSm <= ecInf_dSm || r >= 1) return undefined;
  if (r === 0) return 1;
  const exact = Math.log((target_dSm - ecInf_dSm) / drop) / Math.log(r);
  // A target that a rinse reaches exactly is reached, whatever the last digit says.
  const whole = Math.ceil(exact - 1e-9);
  return whole > MOST_RINSES ? undefined : whole;
}

export const rinseMethod = defineMethod({
  name: 'rinse',
  version: 1,
  source: 'Least squares through the drains; free salts only.',
  schema: INPUT,
  calculate: rinse,
  outputs: {
    ecInf_dSm: {
      of: 'ecInf_dSm',
      property: 'ecInf_dSm',
      sentence: 'Where rinsing levels out, however often it is repeated.',
      formula: 'EC∞ of EC∞ + (EC₀ − EC∞) r^k, fitted to the drains',
    },
    rinsesToTarget: {
      of: 'rinsesToTarget',
      property: 'rinsesToTarget',
      sentence: 'Rinses after the first drain until the drain is at the target.',
      formula: 'first k with EC∞ + (EC₀ − EC∞) r^k at or under the target',
    },
  },
  golden: {
    input: { readings_dSm: [3.2, 1.8, 0.95, 0.6], target_dSm: 0.5 },
    gives: {
      ecInf_dSm: 0.0896671926459,
      rinsesToTarget: 4,
      r: 0.539130820198,
    },
  },
});
