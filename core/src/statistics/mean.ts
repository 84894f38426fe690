/** Mean of values; the caller has made sure that there is one. */
export function meanOf(values: readonly number[]): number {
  let sum = 0;
  for (const value of values) sum += value;
  return sum / values.length;
}

/** Sample standard deviation (n - 1), centred before squaring so that large masses lose no digits. */
export function sdOf(values: readonly number[], mean = meanOf(values)): number {
  let squares = 0;
  for (const value of values) squares += (value - mean) ** 2;
  return Math.sqrt(squares / (values.length - 1));
}
