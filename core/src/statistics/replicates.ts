import { requireNotNegative, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { grubbs, GRUBBS, type GrubbsResult } from './grubbs';
import { summarise, type Summary } from './summary';

const INPUT = object({
  values: list(number(), 'all in one unit'),
  floor: maybe(number('least distance from the mean of the others that the method can tell, in that unit')),
  resolution: maybe(number('of the reading, in that unit: an SD at or under it is no evidence')),
});
export type ReplicatesInput = InputOf<typeof INPUT>;

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

export const replicatesMethod = defineMethod({
  name: 'replicates',
  version: 1,
  source: 'Interval by Student’s t; spread is between runs.',
  schema: INPUT,
  calculate: replicates,
  outputs: {
    mean: {
      of: 'summary.mean',
      sentence: 'Mean of the replicates that count.',
      formula: 'sum of values / number of values',
      source: 'Interval by Student’s t; outliers by Grubbs, 1950, never removed silently.',
    },
    runs: {
      of: 'summary.mean',
      sentence: 'Mean of the runs made by the same method at the same depth.',
      formula: 'sum of run means / number of runs',
    },
    price: {
      of: 'summary.mean',
      sentence: 'What was paid for the pack, over what it really holds, poured loose.',
      formula: 'price / true volume',
      source: 'True volume by pouring through a hoop; the label’s volume until that is done.',
    },
  },
  golden: {
    input: { values: [0.3, 0.31, 0.3, 0.31, 0.45] },
    gives: {
      'summary.mean': 0.334,
      'summary.sd': 0.065038450166,
      'grubbs.g': 1.78356033552,
      'grubbs.critical': 1.71503731234,
    },
  },
});
