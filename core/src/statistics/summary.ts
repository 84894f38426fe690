import { refuse } from '../errors';
import { meanOf, sdOf } from './mean';
import { studentT } from './studentT';

/** Mean and spread of replicates; with one value only `mean` and `n`. */
export interface Summary {
  readonly mean: number;
  readonly sd?: number;
  readonly n: number;
  readonly se?: number;
  readonly cv?: number;
  readonly ci95?: readonly [number, number];
}

/**
 * Summary of replicates: mean, SD (n - 1), SE = SD/sqrt(n), CV = SD/|mean|, 95 % interval by Student's t.
 *
 * Input: one or more finite values of one unit. Empty or non-finite input is refused (path `values`).
 * One value: only mean and n. Mean of zero: no CV.
 * Example: [0.361, 0.358, 0.364]: mean 0.361, SD 0.003, SE 0.001732, ci95 0.361 -/+ 4.3027 x 0.001732.
 */
export function summarise(values: readonly number[], path = 'values'): Summary {
  if (values.length === 0) refuse(path, 'an empty list has no mean; give at least one value');
  values.forEach((value, index) => {
    if (!Number.isFinite(value)) refuse(`${path}[${String(index)}]`, 'not a finite number');
  });
  const n = values.length;
  const mean = meanOf(values);
  if (n === 1) return { mean, n };
  const sd = sdOf(values, mean);
  const se = sd / Math.sqrt(n);
  const half = studentT(0.975, n - 1) * se;
  return { mean, sd, n, se, ...(mean === 0 ? {} : { cv: sd / Math.abs(mean) }), ci95: [mean - half, mean + half] };
}
