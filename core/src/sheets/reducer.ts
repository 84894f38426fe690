import { CoreError, type Check } from '../errors';
import type { CalibrationTrouble } from '../instruments';
import { classWords, property, type PropertyKey } from '../properties';
import { replicates, replicatesMethod, type Summary } from '../statistics';
import type { Source, Working } from '../method';
import type { Sheet } from './reading';
import { replicateName, type RunRecord } from './runRecord';

/** One value of one replicate, with its working where it was computed. */
export interface ReplicateValue {
  readonly replicate: number;
  readonly value: number;
  readonly excluded?: string;
  readonly working?: Working;
}

/** One property of a run: every replicate's value and the summary of those that count. */
export interface RunProperty {
  readonly property: PropertyKey;
  readonly values: readonly ReplicateValue[];
  readonly summary?: Summary;
  /** What is judged by classes, in words, instead of a mean. */
  readonly words?: string;
  readonly working?: Working;
  /** What is wrong with the instruments that it rests on. */
  readonly trouble?: CalibrationTrouble;
}

export interface RunResult {
  readonly properties: readonly RunProperty[];
  readonly checks: readonly Check[];
}

/** Turns the readings of a sheet, as they stand, into results. */
export type Reducer = (run: RunRecord, sheet: Sheet) => RunResult;

/** A value before the run's exclusions are known to it. */
export type FreshValue = Omit<ReplicateValue, 'excluded'>;

export function replicateIndices(run: RunRecord): number[] {
  return Array.from({ length: run.replicateCount }, (_, i) => i);
}

/** A property of the run: excluded values stay in sight and out of the summary. */
export function summarised(run: RunRecord, key: PropertyKey, values: readonly FreshValue[]): RunProperty {
  const marked = values.map((value): ReplicateValue => {
    const exclusion = run.exclusions.find((one) => one.replicate === value.replicate);
    return exclusion === undefined ? value : { ...value, excluded: exclusion.reason };
  });
  const counted = marked.filter((value) => value.excluded === undefined);
  if (counted.length === 0) return { property: key, values: marked };
  const { floor, unit, classes } = property(key);
  const input = { values: counted.map((value) => value.value), ...(floor === undefined ? {} : { floor }) };
  const from: Source[] = marked.map((value) => ({
    label: replicateName(value.replicate),
    value: value.value,
    unit,
    ...(value.working === undefined ? {} : { working: value.working }),
    ...(value.excluded === undefined ? {} : { struck: value.excluded }),
  }));
  const working = replicatesMethod.working('mean', input, { from });
  const words = classes === undefined ? {} : { words: classWords(classes, input.values) };
  return { property: key, values: marked, summary: replicates(input).summary, ...words, working };
}

/** Runs a reduction and turns a refusal into a fault of that replicate, in the same sentence. */
export function attempt<T>(replicate: number, checks: Check[], reduce: () => T): T | undefined {
  try {
    return reduce();
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    const { sentence } = error;
    checks.push({
      code: 'refused',
      severity: 'fault',
      message: `${replicateName(replicate)}: ${sentence}.`,
      replicate,
    });
    return undefined;
  }
}
