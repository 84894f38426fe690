/** Scaled so, the median absolute deviation of normal values is their standard deviation. */
const MAD_TO_SD = 1.482602218505602;

/** The middle value; of an even number the mean of the two in the middle. */
export function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(half)] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
}

/**
 * How far a value lies from the middle of others, in a measure that one odd value does not move: (value - median) /
 * (1.4826 x median of the deviations). Undefined for fewer than two values, and where half of them are alike.
 */
export function robustScores(values: readonly number[]): ((value: number) => number) | undefined {
  if (values.length < 2) return undefined;
  const median = medianOf(values);
  const mad = MAD_TO_SD * medianOf(values.map((one) => Math.abs(one - median)));
  return mad > 0 ? (value) => (value - median) / mad : undefined;
}
