/** Lower factor L of a covariance, L L' = C; rows that have no variance of their own left stay zero. */
export function lowerFactor(covariance: readonly (readonly number[])[]): number[][] {
  const lower = covariance.map((row) => row.map(() => 0));
  covariance.forEach((row, i) => {
    for (let j = 0; j <= i; j += 1) {
      let sum = row[j] as number;
      for (let k = 0; k < j; k += 1)
        sum -= ((lower[i] as number[])[k] as number) * ((lower[j] as number[])[k] as number);
      const pivot = (lower[j] as number[])[j] as number;
      // A pivot of rounding size has no information; its column stays zero.
      if (i === j) (lower[i] as number[])[i] = sum > 1e-18 ? Math.sqrt(sum) : 0;
      else if (pivot > 0) (lower[i] as number[])[j] = sum / pivot;
    }
  });
  return lower;
}

/** How far a factor may miss its covariance, as a share of the standard deviations: rounding, no contradiction. */
const ROUNDING = 1e-6;

/** Whether a covariance can be had at all: its factor gives it back, to rounding. */
export function isSemiDefinite(covariance: readonly (readonly number[])[]): boolean {
  const sd = covariance.map((row, i) => Math.sqrt(row[i] as number));
  // As correlations, so that parameters of any size are judged alike.
  const even = covariance.map((row, i) =>
    row.map((value, j) =>
      i === j
        ? Number((sd[i] as number) > 0)
        : value / Math.max((sd[i] as number) * (sd[j] as number), Number.MIN_VALUE),
    ),
  );
  const lower = lowerFactor(even);
  return even.every((row, i) =>
    row.every((value, j) => {
      const again = (lower[i] as number[]).reduce(
        (sum, factor, k) => sum + factor * ((lower[j] as number[])[k] as number),
        0,
      );
      return Math.abs(again - value) <= ROUNDING;
    }),
  );
}
