import { refuse, requirePositive, type Check } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';
import { fQuantile } from './fQuantile';
import { noncentralFBelow } from './noncentralF';

export const REPLICATES_NEEDED = Object.freeze({ power: 0.8, alpha: 0.05 });

/** Nobody makes more of each; the answer then stays at it and says so. */
const MOST_PER_GROUP = 10_000;

const INPUT = object({
  sd: number('standard deviation within a group, in any one unit'),
  difference: number('the smallest difference between two means that must not be missed, in that unit'),
  groups: number('how many groups are compared'),
  power: maybe(number('the chance to see it where it is there; 0.8 unless said')),
  alpha: maybe(number('the chance to see one where there is none; 0.05 unless said')),
});
export type ReplicatesNeededInput = InputOf<typeof INPUT>;

export interface ReplicatesNeededResult {
  readonly perGroup: number;
  /** The chance that so many give. */
  readonly power: number;
  readonly checks: readonly Check[];
}

interface Design {
  readonly groups: number;
  readonly alpha: number;
  /** Difference over standard deviation, squared, halved: noncentrality for one replicate. */
  readonly each: number;
}

/** The chance that a one-way analysis of variance with `n` in each group sees the difference. */
export function powerOf({ groups, alpha, each }: Design, n: number): number {
  const [df1, df2] = [groups - 1, groups * (n - 1)];
  return 1 - noncentralFBelow(fQuantile(1 - alpha, df1, df2), df1, df2, n * each);
}

function requireShare(path: 'power' | 'alpha', value: number): void {
  if (!(value > 0 && value < 1)) refuse(path, `${String(value)} given; it must lie between 0 and 1`);
}

/**
 * Replicates of each group that a comparison needs: a one-way analysis of variance that misses a difference of
 * `difference` between two means, the others midway, no more often than `power` allows.
 *
 * The smallest n from 2 on with P(F' > F(1 - alpha; g - 1, g(n - 1))) at least `power`, F' noncentral with
 * n difference^2 / (2 sd^2). Throws for a standard deviation or difference of 0 or less, groups that are no whole number
 * from 2 to 100, a power or alpha outside 0 to 1, an alpha not under the power.
 * Source: Cohen (1988), chapter 8; noncentral F by its Poisson sum.
 * Example: sd 1, difference 1, two groups: 17 of each give a power of 0.807.
 */
export function replicatesNeeded({
  sd,
  difference,
  groups,
  power = REPLICATES_NEEDED.power,
  alpha = REPLICATES_NEEDED.alpha,
}: ReplicatesNeededInput): ReplicatesNeededResult {
  requirePositive('sd', sd, '');
  requirePositive('difference', difference, '');
  if (!Number.isInteger(groups) || groups < 2 || groups > 100)
    refuse('groups', `${String(groups)} given; compare 2 to 100 groups`);
  requireShare('power', power);
  requireShare('alpha', alpha);
  if (alpha >= power) refuse('power', 'it must be above alpha, or chance alone gives it');
  const design = { groups, alpha, each: difference ** 2 / (2 * sd ** 2) };
  let [low, high] = [2, 2];
  while (high < MOST_PER_GROUP && powerOf(design, high) < power)
    [low, high] = [high, Math.min(2 * high, MOST_PER_GROUP)];
  // The power rises with n: the smallest that is enough lies above `low`.
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (powerOf(design, middle) < power) low = middle + 1;
    else high = middle;
  }
  const reached = powerOf(design, high);
  const checks: Check[] =
    reached < power
      ? [
          {
            code: 'too-fine',
            severity: 'caution',
            message: `Even ${String(MOST_PER_GROUP)} of each would not show it as surely as asked; ask for less.`,
          },
        ]
      : [];
  return { perGroup: high, power: reached, checks };
}

export const replicatesNeededMethod = defineMethod({
  name: 'replicates-needed',
  version: 1,
  source: 'Power of the one-way analysis of variance; Cohen, 1988.',
  schema: INPUT,
  calculate: replicatesNeeded,
  outputs: {
    perGroup: {
      of: 'perGroup',
      sentence: 'How many of each group it takes, so that a difference of this size is seen as surely as asked.',
      formula: 'smallest n from 2 on with P(F′ > F(1 − α; g − 1, g(n − 1))) ≥ power, F′ with n d² / (2 sd²)',
    },
  },
  golden: { input: { sd: 1, difference: 1, groups: 2 }, gives: { perGroup: 17, power: 0.8070367151472 } },
});
