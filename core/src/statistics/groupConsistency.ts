import { type Check } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { fQuantile } from './fQuantile';
import { requireGroups } from './repeatability';
import { studentT } from './studentT';
import { meanOf, sdOf } from './mean';
import { medianOf, robustScores } from './robustScores';

const INPUT = object({
  groups: list(list(number()), 'values of each group, in one unit, of the same stuff by the same method'),
});
export type GroupConsistencyInput = InputOf<typeof INPUT>;

/** Beyond the first once in twenty by chance, beyond the second once in a hundred. */
const LEVELS = [
  ['straggler', 0.05],
  ['outlier', 0.01],
] as const;

type Standing = (typeof LEVELS)[number][0];

export interface GroupStanding {
  readonly mean: number;
  readonly sd?: number;
  /** Mandel's h: how far its mean lies off, in standard deviations of the means. */
  readonly h?: number;
  /** Mandel's k: how much more its own results scatter than a group's usually do. */
  readonly k?: number;
  /** By the median and the scaled median deviation, which one odd group does not move; absent where half are alike. */
  readonly robustZ?: number;
  /** Its mean, and its scatter, where they stand out. */
  readonly meanStands?: Standing;
  readonly scatterStands?: Standing;
}

export interface GroupConsistencyResult {
  readonly groups: readonly GroupStanding[];
  readonly median: number;
  /** Limits of h at 5 and 1 %, both sides; absent for two groups. */
  readonly hLimits?: readonly [number, number];
  /** Limits of k at 5 and 1 % for groups of the usual size. */
  readonly kLimits?: readonly [number, number];
  readonly checks: readonly Check[];
}

/** The limit of h for p groups. */
export function mandelH(p: number, alpha: number): number {
  const t = studentT(1 - alpha / 2, p - 2);
  return ((p - 1) * t) / Math.sqrt(p * (t * t + p - 2));
}

/** The limit of k for p groups of n results each. */
export function mandelK(p: number, n: number, alpha: number): number {
  const f = fQuantile(1 - alpha, n - 1, (p - 1) * (n - 1));
  return Math.sqrt((p * f) / (f + p - 1));
}

const standing = (value: number, limits: readonly number[]): Standing | undefined =>
  LEVELS.findLast((_, i) => Math.abs(value) > (limits[i] ?? Infinity))?.[0];

/** The size that most groups have; of two that are as frequent the smaller. */
function usualSize(sizes: readonly number[]): number {
  const counts = [...new Set(sizes)].map((size) => [size, sizes.filter((one) => one === size).length] as const);
  return counts.sort(([a, n], [b, m]) => m - n || a - b)[0]?.[0] ?? 0;
}

/**
 * Which groups of a class, or laboratories of a round, stand apart: Mandel's h of their means and k of their scatter,
 * and a robust z that one odd group does not move.
 *
 * h_i = (y_i - y) / sqrt(sum (y_i - y)^2 / (p - 1)), y the mean of all values; k_i = s_i / sqrt(mean of s^2) over groups
 * with two values or more; z_i = (y_i - median) / (1.4826 MAD). Limits at 5 and 1 %: h by Student's t with p - 2 degrees
 * of freedom, k by F. A group of another size is held against the limits of its own. h is absent where all means are
 * alike, k where no group scatters, z where half the means are alike. Throws as `repeatability`.
 * Source: ISO 5725-2:1994, 7.3.1; Wilrich (2013) for the limits; MAD scaled for the normal distribution.
 * Example: [[10, 12], [14, 16], [12, 14]]: h -1, 1, 0; k 1 each.
 */
export function groupConsistency({ groups }: GroupConsistencyInput): GroupConsistencyResult {
  requireGroups(groups);
  const p = groups.length;
  const means = groups.map((values) => meanOf(values));
  const mean = meanOf(groups.flat());
  const sdOfMeans = Math.sqrt(means.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (p - 1));
  const scattered = groups.filter((values) => values.length > 1);
  const meanVariance = scattered.reduce((sum, values) => sum + sdOf(values) ** 2, 0) / scattered.length;
  const median = medianOf(means);
  const robust = robustScores(means);
  const hLimits = p > 2 ? ([mandelH(p, 0.05), mandelH(p, 0.01)] as const) : undefined;
  const kLimitsFor = (n: number): readonly [number, number] => [
    mandelK(scattered.length, n, 0.05),
    mandelK(scattered.length, n, 0.01),
  ];
  const told = groups.map((values, i): GroupStanding => {
    const own = means[i] as number;
    const sd = values.length > 1 ? sdOf(values) : undefined;
    const h = sdOfMeans > 0 ? (own - mean) / sdOfMeans : undefined;
    const k = sd !== undefined && meanVariance > 0 ? sd / Math.sqrt(meanVariance) : undefined;
    const meanStands = h === undefined || hLimits === undefined ? undefined : standing(h, hLimits);
    const scatterStands = k === undefined || scattered.length < 2 ? undefined : standing(k, kLimitsFor(values.length));
    return {
      mean: own,
      ...(sd === undefined ? {} : { sd }),
      ...(h === undefined ? {} : { h }),
      ...(k === undefined ? {} : { k }),
      ...(robust === undefined ? {} : { robustZ: robust(own) }),
      ...(meanStands === undefined ? {} : { meanStands }),
      ...(scatterStands === undefined ? {} : { scatterStands }),
    };
  });
  const checks: Check[] =
    p < 3 ? [{ code: 'few-groups', severity: 'note', message: 'Of two groups nobody can say which one is off.' }] : [];
  return {
    groups: told,
    median,
    ...(hLimits === undefined ? {} : { hLimits }),
    ...(scattered.length < 2 ? {} : { kLimits: kLimitsFor(usualSize(scattered.map((values) => values.length))) }),
    checks,
  };
}

export const groupConsistencyMethod = defineMethod({
  name: 'group-consistency',
  version: 1,
  source: 'Mandel’s h and k, ISO 5725-2:1994, 7.3.1; robust z by the median.',
  schema: INPUT,
  calculate: groupConsistency,
  outputs: {
    h: {
      of: 'groups[0].h',
      sentence: 'How far a group’s mean lies from the mean of all, held against how far the groups’ means lie apart.',
      formula: '(mean of the group − mean of all) / standard deviation of the groups’ means',
    },
    k: {
      of: 'groups[0].k',
      sentence: 'How much a group’s own results scatter, held against what a group’s usually do.',
      formula: 'standard deviation of the group / √(mean of the groups’ variances)',
    },
    robustZ: {
      of: 'groups[0].robustZ',
      sentence: 'How far a group’s mean lies from the middle one, in a measure that one odd group does not move.',
      formula: '(mean of the group − median of the means) / (1.4826 × median of the deviations from it)',
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
    gives: { 'groups[0].h': -1, 'groups[0].k': 1, 'groups[0].robustZ': -0.6744897501960817, median: 13 },
  },
});
