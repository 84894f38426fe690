import { bisect } from '../numeric';
import { betaBelow } from './beta';

/**
 * Quantile of Fisher's F with `df1` and `df2` degrees of freedom, whole or not, to about twelve figures.
 *
 * Example: fQuantile(0.95, 2, 10) = 4.102821.
 */
export function fQuantile(p: number, df1: number, df2: number): number {
  const miss = (lnF: number): number => {
    const f = Math.exp(lnF);
    return betaBelow(df1 / 2, df2 / 2, (df1 * f) / (df1 * f + df2)) - p;
  };
  return Math.exp(bisect(miss, -60, 60));
}
