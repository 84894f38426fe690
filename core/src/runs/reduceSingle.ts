import type { Check } from '../errors';
import { penReading } from '../instruments';
import type { PropertyKey } from '../properties';
import { replicates } from '../statistics';
import type { Reading, Sheet } from './reading';
import { attempt, replicateIndices, summarised, type FreshValue, type Reducer } from './reducer';

/** A reading as a value: one of a pen without mV is corrected by the line through its buffers, and says so. */
export function valueOfReading(reading: Reading, checks: Check[]): FreshValue | undefined {
  const { replicate, value, stamp } = reading;
  const buffers = stamp?.buffers;
  if (buffers === undefined) return { replicate, value };
  const input = { buffers, shown: value };
  const corrected = attempt(replicate, checks, () => penReading(input))?.pH;
  if (corrected === undefined) return undefined;
  const from = [{ label: `shown by ${stamp?.instrument ?? 'the pen'}`, value, unit: 'pH' }];
  return {
    replicate,
    value: corrected,
    working: { text: 'pen.corrected', calc: 'pen-reading', input, pick: 'pH', from },
  };
}

/** What a step reads for a replicate, corrected where its pen asks for it; undefined while it is not read. */
export function correctedValue(sheet: Sheet, replicate: number, step: string): number | undefined {
  const reading = sheet.reading(replicate, step);
  return reading === undefined ? undefined : valueOfReading(reading, [])?.value;
}

/** A reading that is the property itself, with remarks on its spread. */
function singleReading(key: PropertyKey, step: string): Reducer {
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

export const reducePh = singleReading('pH', 'pH');
export const reduceEc = singleReading('ec_dSm', 'ec');
export const reduceBagVolume = singleReading('bagVolume_L', 'volume');
