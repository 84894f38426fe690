import { refuse, requireNotNegative, requirePositive, said } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';

const INPUT = object({
  before_g: number('pot and medium before they were set on the mat'),
  after_g: number('the same, lifted off and dripped'),
  volume_mL: number('of the medium'),
  time_min: number('on the mat'),
});
export type MatUptakeInput = InputOf<typeof INPUT>;

/**
 * Water that a pot draws up from a wet mat: what it gained, for each litre of medium and hour.
 *
 * uptake = (after - before) / (volume / 1000) / (time / 60). Masses g, volume mL, time min, at most a day; result
 * g/(L h). A pot that gained nothing is 0. Throws (path `after_g`) for one that lost weight: it dripped or dried, which
 * is no uptake; and for a volume or time of zero.
 * Source: mass balance.
 * Example: 1 L that gains 90 g in 45 minutes: 120 g per litre and hour.
 */
export function matUptake({ before_g, after_g, volume_mL, time_min }: MatUptakeInput): { readonly uptake_gLh: number } {
  requireNotNegative('before_g', before_g, 'g');
  requireNotNegative('after_g', after_g, 'g');
  requirePositive('volume_mL', volume_mL, 'mL');
  requirePositive('time_min', time_min, 'min');
  if (time_min > MAT_UPTAKE.longest_min)
    refuse('time_min', `${said(time_min)} min is over a day; an hour tells how fast it draws`);
  if (after_g < before_g)
    refuse('after_g', `${said(after_g)} g is under the ${said(before_g)} g before: it lost water on the mat`);
  return { uptake_gLh: (after_g - before_g) / (volume_mL / 1000) / (time_min / 60) };
}

export const MAT_UPTAKE = Object.freeze({ longest_min: 24 * 60 });

export const matUptakeMethod = defineMethod({
  name: 'mat-uptake',
  version: 1,
  source: 'Mass balance.',
  schema: INPUT,
  calculate: matUptake,
  outputs: {
    uptake_gLh: {
      of: 'uptake_gLh',
      property: 'matUptake_gLh',
      sentence: 'Water that came up from the wet mat, for each litre of medium and hour.',
      formula: '(after − before) / volume of the medium / time on the mat',
    },
  },
  golden: {
    input: { before_g: 812, after_g: 902, volume_mL: 1050, time_min: 55 },
    gives: { uptake_gLh: 93.5064935065 },
  },
});
