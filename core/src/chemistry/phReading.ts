import { refuse, requireWithin } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';
import { CALIBRATION_LIMITS, ZERO_C_IN_K } from './phCalibration';

const INPUT = object({
  calibration: object({ slope_mVperpH: number(), offset_mV: number(), temp_C: number() }),
  mV: number(),
  temp_C: number('of the sample'),
});
export type PhReadingInput = InputOf<typeof INPUT>;

/**
 * pH of a reading in mV by the calibration in force, the slope brought to the sample's temperature.
 *
 * pH = 7 + (E0 - E)/(S_cal T/T_cal), temperatures in kelvin, E0 held. Temperatures 0..60 degC.
 * Throws for a slope of zero or less. A pH outside 0..14 is given as it is.
 * Source: Nernst's equation.
 * Example: slope 58, offset 0, both at 25 degC, 116 mV: pH 5.
 */
export function phReading(input: PhReadingInput): { readonly pH: number } {
  const { calibration, mV, temp_C } = input;
  const { lo, hi } = CALIBRATION_LIMITS.temp_C;
  requireWithin('temp_C', temp_C, lo, hi, 'degC');
  requireWithin('calibration.temp_C', calibration.temp_C, lo, hi, 'degC');
  if (!(calibration.slope_mVperpH > 0)) {
    refuse('calibration.slope_mVperpH', `${String(calibration.slope_mVperpH)} mV per pH must be above 0`);
  }
  const slope = (calibration.slope_mVperpH * (temp_C + ZERO_C_IN_K)) / (calibration.temp_C + ZERO_C_IN_K);
  return { pH: 7 + (calibration.offset_mV - mV) / slope };
}

export const phReadingMethod = defineMethod({
  name: 'ph-reading',
  version: 1,
  source: 'Nernst’s equation; slope and offset of the calibration.',
  schema: INPUT,
  calculate: phReading,
  outputs: {
    pH: {
      of: 'pH',
      sentence: 'The pH that the calibration in force makes of what the pen showed in mV.',
      formula: '7 + (E0 − E) / (S × T / Tcal), temperatures in kelvin',
    },
  },
  golden: {
    input: { calibration: { slope_mVperpH: 57.5, offset_mV: 6, temp_C: 25 }, mV: 116, temp_C: 15 },
    gives: {
      pH: 5.02056597937,
    },
  },
});
