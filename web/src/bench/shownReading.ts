import type { Reading, Step } from '@bent-pail/core';
import { clockTime, fixed } from '../kit/format';

/** Decimals that a kind of reading always shows, so that a column lines up. */
const DECIMALS: Readonly<Partial<Record<Step['kind'], number>>> = { weigh: 1, depth: 1, temperature: 1, pH: 2, ec: 2 };

/** As many decimals as were typed, three at most. */
function decimalsOf(value: number): number {
  for (const digits of [0, 1, 2]) if (Math.abs(value - Number(value.toFixed(digits))) < 1e-9) return digits;
  return 3;
}

/** A reading as its cell shows it: a time by the clock, a class by its name, a number with its usual decimals. */
export function shownReading(
  { value, mVTemp_C }: Pick<Reading, 'value' | 'mVTemp_C'>,
  step: Step,
  zone: string,
): string {
  if (mVTemp_C !== undefined) return `${fixed(value, 1)} mV`;
  if (step.kind === 'time') return clockTime(value * 1000, zone);
  return step.classes?.[value] ?? fixed(value, Math.max(decimalsOf(value), DECIMALS[step.kind] ?? 0));
}
