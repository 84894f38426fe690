import { normalQuantile } from '../statistics';
import { KAPPA_PRIOR, type KappaFit } from './kappa';
import { LEARNING } from './learningUse';
import type { MeasurableProperty } from './measuredBlend';
import { atKappa, KAPPA_NODES, type Response } from './response';
import { dot, residualsOf, sheetOf, whitened } from './rows';

/** Something that may move all or some blends in common, with what was found of it. */
export interface Shift {
  /** As it shows, and how far that is uncertain. */
  readonly value: number;
  readonly se: number;
  /** As it is believed: drawn to zero by how large such a thing is before it is seen. */
  readonly believed: number;
  readonly believed_sd: number;
  /** It shows more than chance would in one of twenty notebooks without it. */
  readonly shows: boolean;
}

/** How much a row moves per unit of what is looked for. */
export type Pull = (response: Response, property: MeasurableProperty, at: number, kappa: number) => number;

/** Rise of a row with kappa, between the nodes around it. */
export function byKappa({ predicted }: Response, at: number, kappa: number): number {
  const step = (KAPPA_NODES[1] as number) / 2;
  const nodes = predicted[at] as Float64Array;
  const from = Math.max(0, kappa - step);
  return (atKappa(nodes, kappa + step) - atKappa(nodes, from)) / (kappa + step - from);
}

/**
 * A shift by generalised least squares over all blends, kappa's prior in their covariance; undefined where no
 * blend would show it. `asked` is how many such shifts are looked for at once: each must show the more surely.
 */
export function shiftOf(
  responses: readonly Response[],
  properties: readonly MeasurableProperty[],
  { value: kappa }: KappaFit,
  pull: Pull,
  prior: number,
  asked: number,
): Shift | undefined {
  const sheet = sheetOf(responses, properties);
  const { rows } = sheet;
  const rises = rows.map(({ response, at }) => byKappa(response, at, kappa));
  const residuals = residualsOf(sheet, kappa, [rises.map((rise) => KAPPA_PRIOR.sd * rise)]);
  // Kappa is not known either: it lies around its prior, wherever these blends would have it.
  const values = residuals.values.map((one, i) => one + (kappa - KAPPA_PRIOR.mean) * (rises[i] as number));
  const pulls = whitened(
    residuals,
    rows.map(({ response, property, at }) => pull(response, property, at, kappa)),
  );
  const even = whitened(residuals, values);
  const information = dot(pulls, pulls);
  if (!(information > 0)) return undefined;
  const value = dot(pulls, even) / information;
  const se = 1 / Math.sqrt(information);
  const drawn = prior ** 2 / (prior ** 2 + se ** 2);
  return {
    value,
    se,
    believed: drawn * value,
    believed_sd: Math.sqrt(drawn) * se,
    shows: Math.abs(value) / se > normalQuantile(1 - LEARNING.wrongly / (2 * asked)),
  };
}
