import { normalBelow } from './normal';
import { chiAbove } from './tails';

/** Ranks from 1, those of equal values in the middle of their places. */
export function ranksOf(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  return values.map((value) => (sorted.indexOf(value) + sorted.lastIndexOf(value)) / 2 + 1);
}

/** How many values there are of each that stands there more than once. */
function tiesOf(values: readonly number[]): number[] {
  const counts = new Map<number, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts.values()];
}

export interface Friedman {
  readonly chi2: number;
  readonly df: number;
  readonly p: number;
}

/**
 * Whether treatments differ by their ranks within blocks; rows are blocks, columns treatments. Undefined where all rows
 * are alike throughout.
 *
 * Source: Friedman (1937), with the correction for ties. Example: [[1, 2, 3], [2, 3, 4], [1, 3, 5]]: chi2 6, df 2.
 */
export function friedman(blocks: readonly (readonly number[])[]): Friedman | undefined {
  const [n, k] = [blocks.length, blocks[0]?.length ?? 0];
  const ranks = blocks.map(ranksOf);
  const sums = Array.from({ length: k }, (_, j) => ranks.reduce((sum, row) => sum + (row[j] as number), 0));
  const apart = sums.reduce((sum, one) => sum + (one - (n * (k + 1)) / 2) ** 2, 0);
  const ties = blocks.flatMap(tiesOf).reduce((sum, t) => sum + t ** 3 - t, 0);
  const spread = n * k * (k + 1) - ties / (k - 1);
  if (spread <= 0) return undefined;
  const chi2 = (12 * apart) / spread;
  return { chi2, df: k - 1, p: chiAbove(chi2, k - 1) };
}

/** Up to so many differences every sign is tried; beyond, the normal distribution is near enough. */
const MOST_EXACT = 40;

/** How often each sum of ranks comes about when every sign is as likely, ranks doubled so that halves are whole. */
function signedSums(doubled: readonly number[]): number[] {
  const most = doubled.reduce((sum, rank) => sum + rank, 0);
  let ways = new Array<number>(most + 1).fill(0);
  ways[0] = 1;
  for (const rank of doubled) {
    const next = ways.map((way, sum) => way / 2 + (sum >= rank ? (ways[sum - rank] as number) / 2 : 0));
    ways = next;
  }
  return ways;
}

/**
 * Whether pairs differ, by the ranks of their differences and their signs: exact up to forty pairs, ties and all.
 * Differences of nothing are left out; without any other it is 1.
 *
 * Source: Wilcoxon (1945). Example: differences 1, 2, 3, 4, 5 give 0.0625.
 */
export function signedRank(differences: readonly number[]): number {
  const told = differences.filter((one) => one !== 0);
  if (told.length === 0) return 1;
  const ranks = ranksOf(told.map(Math.abs));
  const positive = ranks.reduce((sum, rank, i) => sum + ((told[i] as number) > 0 ? rank : 0), 0);
  const all = ranks.reduce((sum, rank) => sum + rank, 0);
  if (told.length > MOST_EXACT) {
    const spread = ranks.reduce((sum, rank) => sum + rank * rank, 0) / 4;
    const z = (Math.abs(positive - all / 2) - 0.5) / Math.sqrt(spread);
    return Math.min(1, 2 * normalBelow(-Math.max(0, z)));
  }
  const ways = signedSums(ranks.map((rank) => 2 * rank));
  const low = 2 * Math.min(positive, all - positive);
  const below = ways.slice(0, low + 1).reduce((sum, way) => sum + way, 0);
  return Math.min(1, 2 * below);
}
