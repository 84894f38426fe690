import { refuse, requirePositive, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { studentT } from './studentT';
import { meanOf, sdOf } from './mean';

const INPUT = object({
  lots: list(list(number()), 'values of each lot, in one unit, by one method'),
  halfWidth: maybe(number('how closely the material’s mean is to be known, half of the 95 % interval, in that unit')),
});
export type LotSpreadInput = InputOf<typeof INPUT>;

export interface LotSpreadResult {
  /** Mean of the lots' means. */
  readonly mean: number;
  /** Standard deviation from lot to lot, what is only scatter within lots taken out. */
  readonly betweenSd: number;
  /** Standard deviation within a lot; absent where every lot has one value. */
  readonly withinSd?: number;
  /** Lots to test in all so that the mean is known to the half width; absent where none was asked for. */
  readonly lotsNeeded?: number;
  readonly checks: readonly Check[];
}

/** Nobody tests more lots than that; the answer then stays at it and says so. */
export const MOST_LOTS = 1000;

/** Values of a lot that would count if all had the same number of them. */
function valuesPerLot(sizes: readonly number[]): number {
  const all = sizes.reduce((sum, n) => sum + n, 0);
  const squares = sizes.reduce((sum, n) => sum + n * n, 0);
  return (all - squares / all) / (sizes.length - 1);
}

/** Variance within lots, pooled; undefined where every lot has one value. */
function withinVariance(lots: LotSpreadInput['lots']): number | undefined {
  const freedom = lots.reduce((sum, values) => sum + values.length - 1, 0);
  if (freedom === 0) return undefined;
  const squares = lots.reduce(
    (sum, values) => sum + (values.length < 2 ? 0 : (values.length - 1) * sdOf(values) ** 2),
    0,
  );
  return squares / freedom;
}

function betweenVariance(lots: LotSpreadInput['lots'], within: number | undefined): number {
  const means = lots.map((values) => meanOf(values));
  if (within === undefined) return sdOf(means) ** 2;
  const sizes = lots.map((values) => values.length);
  const grand = meanOf(lots.flat());
  const squares = lots.reduce((sum, values, i) => sum + values.length * ((means[i] as number) - grand) ** 2, 0);
  const meanSquare = squares / (lots.length - 1);
  return Math.max(0, (meanSquare - within) / valuesPerLot(sizes));
}

function lotsFor(halfWidth: number, variance: number): number {
  for (let n = 2; n < MOST_LOTS; n += 1) {
    if (studentT(0.975, n - 1) * Math.sqrt(variance / n) <= halfWidth) return n;
  }
  return MOST_LOTS;
}

/**
 * Spread from lot to lot of one material, and how many lots must be tested: one-way random effects.
 *
 * `lots` holds the values of two or more lots in one unit. s_within^2 is pooled within lots; s_between^2 =
 * (MS_between - s_within^2) / n0, not under 0, with n0 = (N - sum n^2 / N) / (k - 1). Where every lot has one value the
 * SD of the values is all between lots. `lotsNeeded` is the smallest n from 2 on with t(0.975, n - 1) sqrt(v / n) at
 * most `halfWidth`, v = s_between^2 + s_within^2 / n0; at most 1000.
 * Throws for fewer than two lots, an empty lot, values that are no numbers, a half width of zero or less.
 * Source: Searle, Casella and McCulloch (1992), unbalanced one-way classification.
 * Example: [[10, 12], [14, 16], [12, 14]]: mean 13, within sqrt(2), between sqrt(3).
 */
export function lotSpread({ lots, halfWidth }: LotSpreadInput): LotSpreadResult {
  if (lots.length < 2) refuse('lots', `${String(lots.length)} given; a spread from lot to lot needs two lots or more`);
  lots.forEach((values, i) => {
    if (values.length === 0) refuse(`lots[${String(i)}]`, 'an empty lot says nothing; leave it out');
    values.forEach((value, k) => {
      if (!Number.isFinite(value)) refuse(`lots[${String(i)}][${String(k)}]`, 'not a finite number');
    });
  });
  const within = withinVariance(lots);
  const between = betweenVariance(lots, within);
  const base = {
    mean: meanOf(lots.map((values) => meanOf(values))),
    betweenSd: Math.sqrt(between),
    ...(within === undefined ? {} : { withinSd: Math.sqrt(within) }),
  };
  const checks: Check[] =
    within === undefined
      ? [
          {
            code: 'no-within',
            severity: 'note',
            message: 'Every lot has one value, so all spread counts as lot to lot.',
          },
        ]
      : [];
  if (halfWidth === undefined) return { ...base, checks };
  requirePositive('halfWidth', halfWidth, '');
  const perLot = within === undefined ? 1 : valuesPerLot(lots.map((values) => values.length));
  const lotsNeeded = lotsFor(halfWidth, between + (within ?? 0) / perLot);
  if (lotsNeeded === MOST_LOTS)
    checks.push({ code: 'too-fine', severity: 'note', message: 'It would take 1000 lots or more; ask for less.' });
  return { ...base, lotsNeeded, checks };
}

export const lotSpreadMethod = defineMethod({
  name: 'lot-spread',
  version: 1,
  source: 'One-way random effects; Searle, Casella and McCulloch, 1992.',
  schema: INPUT,
  calculate: lotSpread,
  outputs: {
    betweenSd: {
      of: 'betweenSd',
      sentence: 'How much one lot of this material differs from the next, the scatter within lots taken out.',
      formula: '√((MS between − MS within) / values per lot), not under 0',
    },
    lotsNeeded: {
      of: 'lotsNeeded',
      sentence: 'Lots to test in all, so that the mean of the material is known as closely as asked.',
      formula: 'smallest n with t × √((between² + within² / values per lot) / n) within the half width',
      source: 'Student’s t at 95 %, n − 1 degrees of freedom.',
    },
  },
  golden: {
    input: {
      lots: [
        [10, 12],
        [14, 16],
        [12, 14],
      ],
      halfWidth: 5,
    },
    gives: {
      betweenSd: 1.73205080757,
      lotsNeeded: 3,
      mean: 13,
      withinSd: 1.41421356237,
    },
  },
});
