import { betaBelow, lnGamma } from './beta';

/** Terms of the sum beyond which nothing is left to the last figure. */
const NEGLIGIBLE = 1e-16;
const MOST_TERMS = 100_000;

/**
 * The share of a noncentral F distribution that lies below `f`: `df1` and `df2` degrees of freedom, noncentrality
 * `lambda`. A Poisson sum of incomplete beta functions, from its largest term to both sides.
 *
 * Example: noncentralFBelow(3, 2, 12, 0) is the central F's 0.9121.
 */
export function noncentralFBelow(f: number, df1: number, df2: number, lambda: number): number {
  if (f <= 0) return 0;
  const x = (df1 * f) / (df1 * f + df2);
  const half = lambda / 2;
  const term = (j: number): number => {
    const weight = half === 0 ? (j === 0 ? 1 : 0) : Math.exp(-half + j * Math.log(half) - lnGamma(j + 1));
    return weight * betaBelow(df1 / 2 + j, df2 / 2, x);
  };
  const middle = Math.floor(half);
  let sum = term(middle);
  for (let j = middle + 1; j < middle + MOST_TERMS; j += 1) {
    const next = term(j);
    sum += next;
    if (next < NEGLIGIBLE) break;
  }
  for (let j = middle - 1; j >= 0; j -= 1) {
    const next = term(j);
    sum += next;
    // Below the middle the weight falls and the beta grows to 1: the weight ends it.
    if (Math.exp(-half + j * Math.log(half) - lnGamma(j + 1)) < NEGLIGIBLE) break;
  }
  return Math.min(1, sum);
}
