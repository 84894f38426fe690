/** Lanczos' sum for ln Γ, g = 7, nine terms: about fifteen figures for x over 0. */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;

/** ln Γ(x) for x over 0. */
export function lnGamma(x: number): number {
  const shifted = x - 1;
  const base = shifted + 7.5;
  const sum = LANCZOS.reduce((total, term, i) => (i === 0 ? term : total + term / (shifted + i)), 0);
  return 0.5 * Math.log(2 * Math.PI) + (shifted + 0.5) * Math.log(base) - base + Math.log(sum);
}

const TINY = 1e-300;
const awayFromZero = (value: number): number => (Math.abs(value) < TINY ? TINY : value);

/** The continued fraction of the incomplete beta function by Lentz's way, to the last figure. */
function betaFraction(a: number, b: number, x: number): number {
  let c = 1;
  let d = 1 / awayFromZero(1 - ((a + b) * x) / (a + 1));
  let value = d;
  for (let m = 1; m <= 10_000; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    for (const term of [even, odd]) {
      d = 1 / awayFromZero(1 + term * d);
      c = awayFromZero(1 + term / c);
      value *= c * d;
    }
    if (Math.abs(c * d - 1) < 1e-16) break;
  }
  return value;
}

/** The share of a beta distribution with `a` and `b` that lies below x. */
export function betaBelow(a: number, b: number, x: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log1p(-x));
  // The fraction converges fast on its own side of the mean.
  return x < (a + 1) / (a + b + 2) ? (front * betaFraction(a, b, x)) / a : 1 - (front * betaFraction(b, a, 1 - x)) / b;
}
