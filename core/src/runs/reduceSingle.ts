import { phReading } from '../chemistry';
import type { Check } from '../errors';
import { penReading } from '../instruments';
import type { PropertyKey } from '../properties';
import type { Step } from '../protocols';
import { replicates } from '../statistics';
import type { Reading, Sheet } from './reading';
import { attempt, replicateIndices, summarised, type FreshValue, type Reducer } from './reducer';
import { replicateName } from './runRecord';

/** A reading in mV as the pH that the calibration in force makes of it; `who` is what was read, as `A`. */
function valueOfMillivolts(
  { replicate, value, stamp }: Reading,
  temp_C: number,
  checks: Check[],
  who: string,
): FreshValue | undefined {
  if (stamp?.line === undefined) {
    const message = `${who} was read in mV without a calibration in mV: no pH can be given.`;
    checks.push({ code: 'no-line', severity: 'fault', message, replicate });
    return undefined;
  }
  const input = { calibration: stamp.line, mV: value, temp_C };
  const pH = attempt(replicate, checks, () => phReading(input))?.pH;
  if (pH === undefined) return undefined;
  const from = [
    { label: `shown by ${stamp.instrument}`, value, unit: 'mV' },
    { label: 'at', value: temp_C, unit: '°C' },
  ];
  return { replicate, value: pH, working: { text: 'pen.millivolts', calc: 'ph-reading', input, pick: 'pH', from } };
}

/**
 * A reading as a value: one in mV is a pH by its calibration, one of a pen without mV is corrected by the line through
 * its buffers; both say so.
 */
export function valueOfReading(
  reading: Reading,
  checks: Check[],
  who = replicateName(reading.replicate),
): FreshValue | undefined {
  const { replicate, value, stamp, mVTemp_C } = reading;
  if (mVTemp_C !== undefined) return valueOfMillivolts(reading, mVTemp_C, checks, who);
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

/**
 * What a step reads for a replicate, corrected where its pen asks for it; undefined while it is not read, and, with a
 * check that names the step, where no value can be made of it.
 */
export function correctedValue(
  sheet: Sheet,
  replicate: number,
  { key, label }: Step,
  checks: Check[],
): number | undefined {
  const reading = sheet.reading(replicate, key);
  if (reading === undefined) return undefined;
  return valueOfReading(reading, checks, `${replicateName(replicate)}, ${label},`)?.value;
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
