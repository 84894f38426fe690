import type { Check } from '../errors';
import type { PropertyKey } from '../properties';
import { replicates } from '../statistics';
import { replicateIndices, summarised, type Reducer } from './reducer';

const PEN_CHECKS: readonly Check[] = [
  {
    code: 'calibration-missing',
    severity: 'caution',
    message: 'No calibration of the pen is on record for this run.',
  },
];

/** A reading that is the property itself, with remarks on its spread. */
export function singleReading(key: PropertyKey, step: string, always: readonly Check[] = []): Reducer {
  return (run, sheet) => {
    const values = replicateIndices(run)
      .map((replicate) => ({ replicate, value: sheet.value(replicate, step) }))
      .filter((one): one is { replicate: number; value: number } => one.value !== undefined);
    if (values.length === 0) return { properties: [], checks: [] };
    const result = summarised(run, key, values);
    const remarks = result.working === undefined ? [] : replicates(result.working.input as { values: number[] }).checks;
    return { properties: [result], checks: [...always, ...remarks] };
  };
}

/** A pH without a calibration on record says so, as soon as there is one to speak of. */
export const reducePh = singleReading('pH', 'pH', PEN_CHECKS);
export const reduceEc = singleReading('ec_dSm', 'ec');
export const reduceBagVolume = singleReading('bagVolume_L', 'volume');
