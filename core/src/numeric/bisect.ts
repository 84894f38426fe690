import { invariant } from '../errors';

/**
 * Root of a monotone function by bisection, down to neighbouring doubles or 200 halvings.
 * `f(lo)` and `f(hi)` must differ in sign or touch zero.
 */
export function bisect(f: (x: number) => number, lo: number, hi: number): number {
  let low = lo;
  let high = hi;
  const fLow = f(low);
  invariant(fLow * f(high) <= 0, `no sign change between ${String(lo)} and ${String(hi)}`);
  for (let i = 0; i < 200; i += 1) {
    const middle = low + (high - low) / 2;
    if (middle === low || middle === high) return middle;
    const fMiddle = f(middle);
    if (fMiddle === 0) return middle;
    if (fMiddle > 0 === fLow > 0) low = middle;
    else high = middle;
  }
  return low + (high - low) / 2;
}
