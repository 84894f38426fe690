import type { Reading, Step } from '@bent-pail/core';
import { inMine, mySign } from '../shared/units/mine';
import { clockTime, decimalsOf, fixed } from '../kit/format';

/** Decimals that a kind of reading always shows, so that a column lines up. */
const DECIMALS: Readonly<Partial<Record<Step['kind'], number>>> = { weigh: 1, depth: 1, temperature: 1, pH: 2, ec: 2 };

/** A reading without its unit, to as many decimals as were typed or its kind always has. */
export const readingAlone = (value: number, { kind, unit }: Pick<Step, 'kind' | 'unit'>): string =>
  inMine(value, unit, Math.max(decimalsOf(value), DECIMALS[kind] ?? 0));

/** A reading as its cell shows it: a time by the clock, a class by its name, a number with its usual decimals. */
export function shownReading(
  { value, mVTemp_C }: Pick<Reading, 'value' | 'mVTemp_C'>,
  step: Step,
  zone: string,
): string {
  if (mVTemp_C !== undefined) return `${fixed(value, 1)} mV`;
  if (step.kind === 'time') return clockTime(value * 1000, zone);
  return step.classes?.[value] ?? readingAlone(value, step);
}

/** A reading as it is read out: with its unit, a wait by when it began. */
export function saidReading(reading: Pick<Reading, 'value' | 'mVTemp_C'>, step: Step, zone: string): string {
  const shown = shownReading(reading, step, zone);
  if (step.kind === 'time') return `began ${shown}`;
  return reading.mVTemp_C !== undefined || step.classes !== undefined || step.unit === ''
    ? shown
    : `${shown} ${mySign(step.unit)}`;
}
