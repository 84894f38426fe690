import { requireNotNegative, type Check } from '../errors';
import { grubbs, GRUBBS, type GrubbsGuards, type GrubbsResult } from './grubbs';
import { summarise, type Summary } from './summary';

export interface ReplicatesInput extends GrubbsGuards {
  readonly values: readonly number[];
}

export interface ReplicatesResult {
  readonly summary: Summary;
  readonly grubbs?: GrubbsResult;
  readonly checks: readonly Check[];
}

/** Without an outlier test a range wider than this many floors is worth a note. */
export const WIDE_RANGE_FLOORS = 3;

/**
 * Replicates of one property: summary, outlier flag and what to say about them.
 *
 * `values` share one unit; `floor` and `resolution` are in that unit.
 * One value says that it has no spread; n of 3 or 4 has no test, only a note where the range is wide;
 * nothing is ever removed. Example: { values: [0.36] } gives mean 0.36, n 1 and the note `no-spread`.
 */
export function replicates(input: ReplicatesInput): ReplicatesResult {
  if (input.floor !== undefined) requireNotNegative('floor', input.floor, '');
  if (input.resolution !== undefined) requireNotNegative('resolution', input.resolution, '');
  const summary = summarise(input.values);
  const test = grubbs(input.values, input);
  return { summary, ...(test === undefined ? {} : { grubbs: test }), checks: remarks(input, summary, test) };
}

function remarks(input: ReplicatesInput, summary: Summary, test: GrubbsResult | undefined): Check[] {
  const { values, floor } = input;
  if (summary.n === 1) {
    return [{ code: 'no-spread', severity: 'note', message: 'One replicate has no spread; measure at least three.' }];
  }
  if (test?.outlier === true) {
    const message = `Value ${String(test.index + 1)} lies apart from the others (Grubbs ${test.g.toFixed(2)}, allowed ${test.critical.toFixed(2)}). Look for a cause before you exclude it.`;
    return [{ code: 'outlier', severity: 'caution', message, replicate: test.index }];
  }
  const range = Math.max(...values) - Math.min(...values);
  if (summary.n < GRUBBS.leastN && summary.n > 2 && floor !== undefined && range > WIDE_RANGE_FLOORS * floor) {
    const message = `The values span ${range.toPrecision(2)}, more than is usual for this method; repeat one.`;
    return [{ code: 'wide-range', severity: 'note', message }];
  }
  if (summary.sd === 0 && summary.n >= GRUBBS.leastN) {
    return [{ code: 'all-equal', severity: 'note', message: 'All values are equal, so there is no outlier test.' }];
  }
  return [];
}
