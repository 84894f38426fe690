import { refuse, requireWithin } from '../errors';
import { meanOf } from '../statistics';

export interface TitrationInput {
  /** Lime given (acid negative), meq per L of medium, and the pH after the incubation. */
  readonly steps: readonly { readonly dose_meqPerL: number; readonly pH: number }[];
}

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
