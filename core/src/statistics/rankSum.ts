import { invariant } from '../errors';
import { normalBelow } from './normal';
import { ranksOf } from './rankTests';

/** Beyond so many values of both, the normal distribution is near enough. */
const MOST_EXACT = 200;

/** How many ways there are to choose so many of the ranks with each sum; ranks doubled so that halves are whole. */
function waysToSum(doubled: readonly number[], chosen: number): number[] {
  const most = doubled.reduce((sum, rank) => sum + rank, 0);
  const ways = Array.from({ length: chosen + 1 }, () => new Array<number>(most + 1).fill(0));
  (ways[0] as number[])[0] = 1;
  for (const rank of doubled)
    for (let taken = chosen; taken >= 1; taken -= 1) {
      const [to, from] = [ways[taken] as number[], ways[taken - 1] as number[]];
      for (let sum = most; sum >= rank; sum -= 1) to[sum] = (to[sum] as number) + (from[sum - rank] as number);
    }
  return ways[chosen] as number[];
}

/**
 * Whether two groups differ, by the sum of their ranks among both: exact, ties and all, over every way to part the values
 * into two groups of their sizes.
 *
 * The chance of a sum at least as far from its mean, on either side. Breaks for an empty group.
 * Source: Wilcoxon (1945); Mann and Whitney (1947). Example: [1, 2, 3, 4] and [5, 6, 7, 8]: 2 of 70 ways, 0.0286.
 */
export function rankSum(a: readonly number[], b: readonly number[]): number {
  invariant(a.length > 0 && b.length > 0, 'a rank sum takes two groups');
  const doubled = ranksOf([...a, ...b]).map((rank) => Math.round(2 * rank));
  const found = doubled.slice(0, a.length).reduce((sum, rank) => sum + rank, 0);
  const middle = (a.length * doubled.reduce((sum, rank) => sum + rank, 0)) / (a.length + b.length);
  const far = Math.abs(found - middle);
  if (doubled.length > MOST_EXACT) {
    const mean = middle / a.length;
    const squares = doubled.reduce((sum, rank) => sum + (rank - mean) ** 2, 0);
    const n = doubled.length;
    const spread = (a.length * b.length * squares) / (n * (n - 1));
    return spread === 0 ? 1 : 2 * normalBelow(-far / Math.sqrt(spread));
  }
  const ways = waysToSum(doubled, a.length);
  const all = ways.reduce((sum, one) => sum + one, 0);
  // Sums are whole and the middle a fraction of few parts: half a hundredth is nothing but rounding.
  const beyond = ways.reduce((sum, one, at) => sum + (Math.abs(at - middle) >= far - 0.005 ? one : 0), 0);
  return beyond / all;
}
