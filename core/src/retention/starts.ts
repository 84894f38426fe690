/** Shapes to start from: the best of all is kept. */
const STARTS = [
  [0.1, 1.6],
  [0.5, 2.2],
  [0.03, 1.3],
  [1.5, 1.4],
  [0.02, 3],
  [0.2, 4],
  [1, 1.15],
  [0.05, 1.8],
] as const;

/** Never more starts than that: the fit then stands on the best that was found. */
export const MOST_STARTS = 40;

/** Shapes beyond the eight: spread evenly over ln alpha and ln(n - 1), by Halton's sequence in bases 2 and 3. */
export function startAt(index: number): readonly [number, number] {
  const known = STARTS[index];
  if (known !== undefined) return known;
  const place = index - STARTS.length + 1;
  const between = (base: number, lo: number, hi: number): number =>
    Math.exp(Math.log(lo) + (Math.log(hi) - Math.log(lo)) * halton(place, base));
  return [between(2, 0.005, 2), 1 + between(3, 0.1, 4)];
}

function halton(place: number, base: number): number {
  let [left, share, sum] = [place, 1 / base, 0];
  while (left > 0) {
    sum += share * (left % base);
    left = Math.floor(left / base);
    share /= base;
  }
  return sum;
}

/**
 * Whether the minima that so many starts have found are, by all evidence, all that there are: no more than they are
 * expected by w (N - 1) / (N - w - 2). Source: Boender and Rinnooy Kan (1987), Mathematical Programming 37, 59-80.
 */
export const areAllFound = (minima: number, starts: number): boolean =>
  starts > minima + 2 && (minima * (starts - 1)) / (starts - minima - 2) <= minima + 0.5;
