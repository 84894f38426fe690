import { solveSymmetric } from '../numeric';

/** One thing that was drawn: one column, or the four of a curve, which only vary together. */
export interface DrawnInput {
  readonly name: string;
  readonly columns: readonly Float64Array[];
}

export interface Driver {
  readonly input: string;
  readonly share: number;
}

/** A share under this is rounding of the draws. */
const LEAST_SHARE = 1e-6;

function centred(values: Float64Array): Float64Array {
  let mean = 0;
  for (const value of values) mean += value;
  mean /= values.length;
  return values.map((value) => value - mean);
}

function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

/**
 * Share of an output's variance that each input explains, by linear regression on its draws alone; largest first.
 *
 * Inputs were drawn independently of each other, so the shares add up to what is linear in the output.
 */
export function driversOf(output: Float64Array, inputs: readonly DrawnInput[]): Driver[] {
  const y = centred(output);
  const whole = product(y, y);
  if (whole === 0) return [];
  return inputs
    .map(({ name, columns }): Driver => {
      const x = columns.map(centred).filter((column) => product(column, column) > 0);
      const slopes = solveSymmetric(
        x.map((a) => x.map((b) => product(a, b))),
        x.map((a) => product(a, y)),
      );
      const explained =
        slopes === undefined ? 0 : slopes.reduce((sum, slope, i) => sum + slope * product(x[i] as Float64Array, y), 0);
      return { input: name, share: explained / whole };
    })
    .filter(({ share }) => share > LEAST_SHARE)
    .sort((a, b) => b.share - a.share);
}
