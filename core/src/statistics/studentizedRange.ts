import jstat from 'jstat';
import { studentT } from './studentT';
import { tBeyond } from './tails';

/** How often the range of `means` normal means over their standard error lies above `q`, with `df` degrees of freedom. */
export function rangeAbove(q: number, means: number, df: number): number {
  if (q <= 0) return 1;
  // Of two means it is Student's t, known to the last figure.
  return means === 2 ? tBeyond(q / Math.SQRT2, df) : 1 - jstat.jStat.tukey.cdf(q, means, df);
}

/** Nearer than this nobody reads an interval. */
const NEAR = 1e-7;
const MOST_STEPS = 60;

/**
 * The range that is passed with a chance of `1 - p`. Between that of one pair and that of all pairs taken one by one it is
 * found along secants, halving where one leads out: each look at the distribution is dear.
 */
export function rangeQuantile(p: number, means: number, df: number): number {
  const rest = 1 - p;
  const one = Math.SQRT2 * studentT(1 - rest / 2, df);
  if (means === 2) return one;
  const pairs = (means * (means - 1)) / 2;
  const above = (q: number): number => Math.log(rangeAbove(q, means, df) / rest);
  let [lo, hi] = [one, Math.SQRT2 * studentT(1 - rest / (2 * pairs), df)];
  let [before, q] = [lo, hi];
  let [atBefore, at] = [above(lo), above(hi)];
  for (let i = 0; i < MOST_STEPS && Math.abs(at) > NEAR && hi - lo > NEAR * hi; i += 1) {
    const along = q - (at * (q - before)) / (at - atBefore);
    const next = along > lo && along < hi ? along : (lo + hi) / 2;
    [before, atBefore] = [q, at];
    [q, at] = [next, above(next)];
    if (at > 0) lo = q;
    else hi = q;
  }
  return q;
}
