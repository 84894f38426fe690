import { phReading, phReadingMethod } from '../chemistry';
import type { Check } from '../errors';
import { penReading, penReadingMethod } from '../instruments';
import type { Step } from './protocol';
import type { Reading, Sheet } from './reading';
import { attempt, type FreshValue } from './reducer';
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
  return { replicate, value: pH, working: phReadingMethod.working('pH', input, { from }) };
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
    working: penReadingMethod.working('pH', input, { from }),
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
