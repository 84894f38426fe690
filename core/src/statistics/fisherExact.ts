import { lnGamma } from './beta';

const lnChoose = (n: number, k: number): number => lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1);

/** Tables that are as likely as the one found but for rounding count as it does. */
const AS_LIKELY = 1 + 1e-7;

/**
 * How often two shares lie as far apart or farther by chance alone, all tables with the same sums counted that are no
 * likelier than the one found.
 *
 * `a` of `n` and `b` of `m`. Source: Fisher (1935). Example: 3 of 4 and 1 of 4: 0.4857.
 */
export function fisherExact(a: number, n: number, b: number, m: number): number {
  const found = a + b;
  const [least, most] = [Math.max(0, found - m), Math.min(n, found)];
  const lnLikely = (k: number): number => lnChoose(n, k) + lnChoose(m, found - k) - lnChoose(n + m, found);
  const limit = lnLikely(a) + Math.log(AS_LIKELY);
  let sum = 0;
  for (let k = least; k <= most; k += 1) if (lnLikely(k) <= limit) sum += Math.exp(lnLikely(k));
  return Math.min(1, sum);
}
