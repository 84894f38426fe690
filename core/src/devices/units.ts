import type { Step } from '../sheets';
import type { DeviceKind } from './linePattern';

/** Which device reads a kind of step. */
export const DEVICE_OF_STEP: Readonly<Partial<Record<Step['kind'], DeviceKind>>> = {
  weigh: 'scale',
  pH: 'meter',
  ec: 'meter',
  temperature: 'probe',
};

/** Factors from what an instrument may write to what a step asks for; anything else is another quantity. */
const FACTORS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  g: { g: 1, kg: 1000 },
  kg: { g: 0.001, kg: 1 },
  '°C': { C: 1 },
  pH: { pH: 1 },
  'dS/m': { 'dS/m': 1, 'mS/cm': 1 },
};

/** A device's value in the unit of a step; undefined where it measures something else. A missing unit is trusted. */
export function valueInUnit(value: number, unit: string | undefined, wanted: string): number | undefined {
  if (unit === undefined) return value;
  const factor = FACTORS[wanted]?.[unit];
  // Twelve digits, so that 1.2 kg is 1200 g and not 1199.9999999999998.
  return factor === undefined ? undefined : Number((value * factor).toPrecision(12));
}
