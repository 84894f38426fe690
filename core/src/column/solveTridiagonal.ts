/** Solves a tridiagonal system in place, the answer in `right`. False for one that has none. */
export function solveTridiagonal(
  below: Float64Array,
  middle: Float64Array,
  above: Float64Array,
  right: Float64Array,
): boolean {
  const n = middle.length;
  for (let i = 1; i < n; i += 1) {
    const pivot = middle[i - 1] as number;
    if (pivot === 0) return false;
    const factor = (below[i] as number) / pivot;
    middle[i] = (middle[i] as number) - factor * (above[i - 1] as number);
    right[i] = (right[i] as number) - factor * (right[i - 1] as number);
  }
  if (middle[n - 1] === 0) return false;
  right[n - 1] = (right[n - 1] as number) / (middle[n - 1] as number);
  for (let i = n - 2; i >= 0; i -= 1)
    right[i] = ((right[i] as number) - (above[i] as number) * (right[i + 1] as number)) / (middle[i] as number);
  return true;
}
