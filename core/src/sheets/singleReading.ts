import type { Check } from '../errors';
import type { PropertyKey } from '../properties';
import { replicates } from '../statistics';
import { replicateIndices, summarised, type Reducer } from './reducer';
import { valueOfReading } from './valueOfReading';

/** A reading that is the property itself, with remarks on its spread. */
export function singleReading(key: PropertyKey, step: string): Reducer {
  return (run, sheet) => {
    const checks: Check[] = [];
    const values = replicateIndices(run)
      .map((replicate) => sheet.reading(replicate, step))
      .filter((reading) => reading !== undefined)
      .map((reading) => valueOfReading(reading, checks))
      .filter((value) => value !== undefined);
    if (values.length === 0) return { properties: [], checks };
    const result = summarised(run, key, values);
    const remarks = result.working === undefined ? [] : replicates(result.working.input as { values: number[] }).checks;
    return { properties: [result], checks: [...checks, ...remarks] };
  };
}
