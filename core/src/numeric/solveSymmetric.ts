/**
 * Solves A x = b for a symmetric positive definite A by Cholesky's factors; undefined where A is singular to double
 * precision. `a` holds rows of a square matrix.
 */
export function solveSymmetric(a: readonly (readonly number[])[], b: readonly number[]): number[] | undefined {
  const n = b.length;
  const lower: number[][] = [];
  for (let i = 0; i < n; i += 1) {
    const row: number[] = [];
    for (let j = 0; j <= i; j += 1) {
      let sum = (a[i] as number[])[j] as number;
      for (let k = 0; k < j; k += 1) sum -= (row[k] as number) * ((lower[j] ?? row)[k] as number);
      if (i === j) {
        if (!(sum > SINGULAR * Math.abs((a[i] as number[])[i] as number))) return undefined;
        row.push(Math.sqrt(sum));
      } else row.push(sum / ((lower[j] as number[])[j] as number));
    }
    lower.push(row);
  }
  const y: number[] = [];
  for (let i = 0; i < n; i += 1) {
    let sum = b[i] as number;
    for (let k = 0; k < i; k += 1) sum -= ((lower[i] as number[])[k] as number) * (y[k] as number);
    y.push(sum / ((lower[i] as number[])[i] as number));
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = y[i] as number;
    for (let k = i + 1; k < n; k += 1) sum -= ((lower[k] as number[])[i] as number) * (x[k] as number);
    x[i] = sum / ((lower[i] as number[])[i] as number);
  }
  return x;
}

/** A pivot under this share of its diagonal is rounding, not information. */
const SINGULAR = 1e-13;

/** Inverse of a symmetric positive definite matrix, or undefined where it is singular to double precision. */
export function invertSymmetric(a: readonly (readonly number[])[]): number[][] | undefined {
  const columns: number[][] = [];
  for (let j = 0; j < a.length; j += 1) {
    const column = solveSymmetric(
      a,
      a.map((_, i) => (i === j ? 1 : 0)),
    );
    if (column === undefined) return undefined;
    columns.push(column);
  }
  return columns;
}
