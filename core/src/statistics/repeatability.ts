import { refuse, type Check } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { meanOf, sdOf } from './mean';

const INPUT = object({
  groups: list(list(number()), 'values of each group, in one unit, of the same stuff by the same method'),
});
export type RepeatabilityInput = InputOf<typeof INPUT>;

/** Two single results differ by more than so many standard deviations once in twenty. */
export const LIMIT_FACTOR = 2.8;

export interface RepeatabilityResult {
  /** Two results of one group differ by more once in twenty. */
  readonly r: number;
  /** Two results of different groups differ by more once in twenty. */
  readonly R: number;
  readonly sr: number;
  readonly sR: number;
  /** Standard deviation from group to group alone. */
  readonly sL: number;
  readonly mean: number;
  readonly checks: readonly Check[];
}

/** Refuses what is no set of groups that can be compared. */
export function requireGroups(groups: RepeatabilityInput['groups']): void {
  if (groups.length < 2) refuse('groups', `${String(groups.length)} given; two groups or more can be compared`);
  groups.forEach((values, i) => {
    if (values.length === 0) refuse(`groups[${String(i)}]`, 'an empty group says nothing; leave it out');
    values.forEach((value, k) => {
      if (!Number.isFinite(value)) refuse(`groups[${String(i)}][${String(k)}]`, 'not a finite number');
    });
  });
  if (groups.every((values) => values.length < 2))
    refuse('groups', 'each has one value; how alike a group’s own results are takes two of at least one group');
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

/**
 * Repeatability and reproducibility of a measurement that several groups made of the same stuff.
 *
 * sr^2 is the variance within groups, pooled; sL^2 = (s_d^2 - sr^2) / n, not under 0, with s_d^2 = sum n_i (y_i - y)^2 /
 * (p - 1) and n = (sum n_i - sum n_i^2 / sum n_i) / (p - 1); sR^2 = sr^2 + sL^2; r = 2.8 sr, R = 2.8 sR; the mean is of
 * all values. Throws for fewer than two groups, an empty one, values that are no numbers, and where no group has two.
 * Source: ISO 5725-2:1994, 7.4.
 * Example: [[10, 12], [14, 16], [12, 14]]: sr sqrt(2), sR sqrt(5), mean 13.
 */
export function repeatability({ groups }: RepeatabilityInput): RepeatabilityResult {
  requireGroups(groups);
  const sizes = groups.map((values) => values.length);
  const all = sum(sizes);
  const mean = meanOf(groups.flat());
  const within =
    sum(groups.map((values) => (values.length < 2 ? 0 : (values.length - 1) * sdOf(values) ** 2))) /
    (all - groups.length);
  const between = sum(groups.map((values) => values.length * (meanOf(values) - mean) ** 2)) / (groups.length - 1);
  const each = (all - sum(sizes.map((n) => n * n)) / all) / (groups.length - 1);
  const fromGroupToGroup = Math.max(0, (between - within) / each);
  const [sr, sR] = [Math.sqrt(within), Math.sqrt(within + fromGroupToGroup)];
  const checks: Check[] = [];
  if (groups.length < 8)
    checks.push({
      code: 'few-groups',
      severity: 'note',
      message: `${String(groups.length)} groups say roughly how far groups lie apart; eight or more say it well.`,
    });
  return { r: LIMIT_FACTOR * sr, R: LIMIT_FACTOR * sR, sr, sR, sL: Math.sqrt(fromGroupToGroup), mean, checks };
}

export const repeatabilityMethod = defineMethod({
  name: 'repeatability',
  version: 1,
  source: 'ISO 5725-2:1994, 7.4.',
  schema: INPUT,
  calculate: repeatability,
  outputs: {
    r: {
      of: 'r',
      sentence: 'Two results of the same group differ by more than this once in twenty.',
      formula: '2.8 × standard deviation within groups, pooled',
    },
    R: {
      of: 'R',
      sentence: 'Two results of different groups differ by more than this once in twenty.',
      formula: '2.8 × √(variance within groups + variance from group to group)',
    },
  },
  golden: {
    input: {
      groups: [
        [10, 12],
        [14, 16],
        [12, 14],
      ],
    },
    gives: { r: 3.95979797464, R: 6.260990337, sr: 1.41421356237, sR: 2.2360679775, sL: 1.73205080757, mean: 13 },
  },
});
