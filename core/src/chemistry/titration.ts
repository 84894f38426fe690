import { refuse, requireWithin } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { meanOf } from '../statistics';

const INPUT = object({
  steps: list(
    object({ dose_meqPerL: number('lime given (acid negative) per L of medium'), pH: number('after the incubation') }),
  ),
});
export type TitrationInput = InputOf<typeof INPUT>;

export interface TitrationResult {
  readonly pH: number;
  readonly buffer_meqPerLpH: number;
  readonly rmse_pH: number;
}

/**
 * Buffering by incubation: the straight line through pH against what was given.
 *
 * pH = pH_0 + dose / buffer, least squares; dose in meq per L of medium, lime positive, acid negative; buffer in meq per
 * L and pH. rmse divides by n.
 * Throws for fewer than two steps, doses that are all alike, or a pH that does not rise with lime (path `steps`).
 * Example: pH 4.5 at 0, 5.5 at 20, 6.5 at 40 meq/L: pH 4.5, 20 meq/L per pH.
 */
export function titration({ steps }: TitrationInput): TitrationResult {
  if (steps.length < 2) refuse('steps', `${String(steps.length)} given; a line takes at least two`);
  steps.forEach(({ dose_meqPerL, pH }, i) => {
    requireWithin(`steps[${String(i)}].pH`, pH, 0, 14);
    if (!Number.isFinite(dose_meqPerL)) refuse(`steps[${String(i)}].dose_meqPerL`, 'must be a number');
  });
  const meanDose = meanOf(steps.map((step) => step.dose_meqPerL));
  const meanPh = meanOf(steps.map((step) => step.pH));
  const spread = steps.reduce((sum, { dose_meqPerL }) => sum + (dose_meqPerL - meanDose) ** 2, 0);
  if (spread === 0) refuse('steps', 'all doses are alike; give steps that differ');
  const slope =
    steps.reduce((sum, { dose_meqPerL, pH }) => sum + (dose_meqPerL - meanDose) * (pH - meanPh), 0) / spread;
  if (slope <= 0) refuse('steps', 'the pH must rise with lime; check which jar is which');
  const pH0 = meanPh - slope * meanDose;
  const squares = steps.reduce((sum, { dose_meqPerL, pH }) => sum + (pH - pH0 - slope * dose_meqPerL) ** 2, 0);
  return { pH: pH0, buffer_meqPerLpH: 1 / slope, rmse_pH: Math.sqrt(squares / steps.length) };
}

export const titrationMethod = defineMethod({
  name: 'titration',
  version: 1,
  source: 'Straight line by least squares through the jars.',
  schema: INPUT,
  calculate: titration,
  outputs: {
    buffer_meqPerLpH: {
      of: 'buffer_meqPerLpH',
      property: 'buffer_meqPerLpH',
      sentence: 'Lime that moves a litre of the medium by one pH.',
      formula: '1 / slope of pH against lime',
    },
    pH: {
      of: 'pH',
      property: 'pHIncubated',
      sentence: 'Where the line through the jars stands without lime.',
      formula: 'pH at dose 0 of the line',
    },
  },
  golden: {
    input: {
      steps: [
        { dose_meqPerL: 0, pH: 4.5 },
        { dose_meqPerL: 20, pH: 5.6 },
        { dose_meqPerL: 40, pH: 6.4 },
      ],
    },
    gives: {
      buffer_meqPerLpH: 21.0526315789,
      pH: 4.55,
      rmse_pH: 0.0707106781187,
    },
  },
});
