import { bisect } from '../numeric';
import { tBeyond } from './tails';

/** Quantiles that were asked for before, by probability and degrees of freedom: a sheet asks for the same few. */
const known = new Map<string, number>();

/**
 * Quantile of Student's t with `df` degrees of freedom, whole or not, to about twelve figures: studentT(0.975, 2) = 4.3027.
 * Found from its tails; libraries stop at seven figures.
 */
export function studentT(p: number, df: number): number {
  // Degrees of freedom that are not whole are as many as there are data: they are not kept.
  if (!Number.isInteger(df)) return quantile(p, df);
  const key = `${String(p)} ${String(df)}`;
  const found = known.get(key) ?? quantile(p, df);
  known.set(key, found);
  return found;
}

function quantile(p: number, df: number): number {
  if (p < 0.5) return -quantile(1 - p, df);
  const beyond = 2 * (1 - p);
  return Math.exp(bisect((lnT) => beyond - tBeyond(Math.exp(lnT), df), -60, 60));
}
