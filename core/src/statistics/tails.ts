import { betaBelow, lnGamma } from './beta';

/** How often Student's t with `df` degrees of freedom lies farther from 0 than `t`, to either side. */
export const tBeyond = (t: number, df: number): number => betaBelow(df / 2, 0.5, df / (df + t * t));

/** How often Fisher's F lies above `f`. */
export const fAbove = (f: number, df1: number, df2: number): number =>
  f <= 0 ? 1 : betaBelow(df2 / 2, df1 / 2, df2 / (df2 + df1 * f));

const LAST_FIGURE = 1e-16;
const MOST_TERMS = 10_000;

/** The lower incomplete gamma function over Γ, as a sum: for x up to a + 1. */
function gammaSum(a: number, x: number): number {
  let term = 1 / a;
  let sum = term;
  for (let n = 1; n < MOST_TERMS; n += 1) {
    term *= x / (a + n);
    sum += term;
    if (term < sum * LAST_FIGURE) break;
  }
  return sum * Math.exp(-x + a * Math.log(x) - lnGamma(a));
}

/** The upper one as a continued fraction by Lentz's way: for x from a + 1 on. */
function gammaFraction(a: number, x: number): number {
  const tiny = 1e-300;
  let b = x + 1 - a;
  let c = 1 / tiny;
  let d = 1 / b;
  let value = d;
  for (let n = 1; n < MOST_TERMS; n += 1) {
    const term = -n * (n - a);
    b += 2;
    d = 1 / (term * d + b || tiny);
    c = b + term / c || tiny;
    value *= c * d;
    if (Math.abs(c * d - 1) < LAST_FIGURE) break;
  }
  return value * Math.exp(-x + a * Math.log(x) - lnGamma(a));
}

/** How often chi-squared with `df` degrees of freedom lies above `x`. */
export function chiAbove(x: number, df: number): number {
  if (x <= 0) return 1;
  const [a, half] = [df / 2, x / 2];
  return half < a + 1 ? 1 - gammaSum(a, half) : gammaFraction(a, half);
}
