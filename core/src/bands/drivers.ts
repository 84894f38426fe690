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

/** Columns that say the same, as porosity and void of a sand, share their slope: a ridge this small decides it. */
const RIDGE = 1e-8;

/** Draws that a regression is made from: every second mirrors the one before and says little that is new. */
const EVERY = 2;

/** Every second draw, centred, and of length 1; undefined where it does not vary. */
function unit(all: Float64Array): Float64Array | undefined {
  const values = all.filter((_, i) => i % EVERY === 0);
  let mean = 0;
  for (const value of values) mean += value;
  mean /= values.length;
  const centred = values.map((value) => value - mean);
  const length = Math.sqrt(product(centred, centred));
  return length > 0 ? centred.map((value) => value / length) : undefined;
}

function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

/**
 * Share of an output's variance by input, largest first: one linear regression of the output on all draws together; an
 * input's share is the covariance of the output with its own part of that regression, over the output's variance.
 *
 * The shares sum to what the regression explains, R^2; inputs that vary together share what they explain in common, and one
 * that works against others may have a share under zero. Source: Pratt (1987), Dividing the indivisible.
 */
export function driversOf(output: Float64Array, inputs: readonly DrawnInput[]): Driver[] {
  const y = unit(output);
  if (y === undefined) return [];
  const x = inputs.flatMap(({ columns }, of) =>
    columns.flatMap((column) => {
      const own = unit(column);
      return own === undefined ? [] : [{ of, own, byY: product(own, y) }];
    }),
  );
  const slopes = solveSymmetric(
    x.map((a, i) => x.map((b, j) => product(a.own, b.own) + (i === j ? RIDGE : 0))),
    x.map(({ byY }) => byY),
  );
  const shares = inputs.map(() => 0);
  slopes?.forEach((slope, i) => {
    const { of, byY } = x[i] as (typeof x)[number];
    shares[of] = (shares[of] as number) + slope * byY;
  });
  return inputs
    .map(({ name }, i): Driver => ({ input: name, share: shares[i] as number }))
    .filter(({ share }) => Math.abs(share) > LEAST_SHARE)
    .sort((a, b) => b.share - a.share);
}
