import { meanOf, sdOf } from '../statistics';
import type { MeasurableProperty } from './measuredBlend';
import { atKappa, type Response } from './response';

/** What is predicted of a response's property. */
export type Predicts = (response: Response, property: MeasurableProperty, at: number) => number;

/** How well blends are predicted that took no part in the learning. */
export interface LeftOut {
  /** Mean error of the blends that were left out, in standard errors, without what is learnt and with it. */
  readonly before: number;
  readonly after: number;
  /** By how much it falls, and how far that is uncertain over what was left out. */
  readonly gain: number;
  readonly gain_se: number;
  /** How many were left out in turn. */
  readonly times: number;
}

export const byKappaAlone =
  (kappa: number): Predicts =>
  (response, _, at) =>
    atKappa(response.predicted[at] as Float64Array, kappa);

/** How far a prediction and a measurement may lie apart by chance. */
export function seOf({ blend, effects }: Response, property: MeasurableProperty, at: number, kappa: number): number {
  const own = blend.measured[property]?.se ?? 0;
  return Math.sqrt(effects.reduce((sum, { by }) => sum + atKappa(by[at] as Float64Array, kappa) ** 2, own ** 2));
}

/** Root mean square of a blend's misses over some properties, in standard errors; undefined where it has none. */
function missOf(response: Response, properties: readonly MeasurableProperty[], predicts: Predicts): number | undefined {
  const squares = response.properties.flatMap((property, at) => {
    const found = response.blend.measured[property];
    if (!properties.includes(property) || found === undefined) return [];
    return [((found.value - predicts(response, property, at)) / seOf(response, property, at, 1)) ** 2];
  });
  return squares.length === 0 ? undefined : Math.sqrt(meanOf(squares));
}

/** Each group of blends is predicted by what the others teach. */
function leaveOut(
  groups: readonly (readonly Response[])[],
  all: readonly Response[],
  properties: readonly MeasurableProperty[],
  before: Predicts,
  learnFrom: (others: readonly Response[]) => Predicts,
): LeftOut | undefined {
  const found = groups.flatMap((group) => {
    const others = all.filter((one) => !group.includes(one));
    if (others.length === 0) return [];
    const after = learnFrom(others);
    return group.flatMap((one) => {
      const [old, fresh] = [missOf(one, properties, before), missOf(one, properties, after)];
      return old === undefined || fresh === undefined ? [] : [{ old, fresh }];
    });
  });
  if (found.length === 0) return undefined;
  const gains = found.map(({ old, fresh }) => old - fresh);
  return {
    before: meanOf(found.map(({ old }) => old)),
    after: meanOf(found.map(({ fresh }) => fresh)),
    gain: meanOf(gains),
    gain_se: gains.length < 2 ? 0 : sdOf(gains) / Math.sqrt(gains.length),
    times: groups.length,
  };
}

/** One batch out at a time. */
export const leaveBatchOut = (
  all: readonly Response[],
  properties: readonly MeasurableProperty[],
  before: Predicts,
  learnFrom: (others: readonly Response[]) => Predicts,
): LeftOut | undefined =>
  leaveOut(
    all.map((one) => [one]),
    all,
    properties,
    before,
    learnFrom,
  );

/** All batches of one lot out at a time, for lots that several batches share; undefined where none does. */
export function leaveLotOut(
  all: readonly Response[],
  properties: readonly MeasurableProperty[],
  before: Predicts,
  learnFrom: (others: readonly Response[]) => Predicts,
): LeftOut | undefined {
  const lots = new Set(all.flatMap(({ blend }) => blend.parts.map(({ lotId }) => lotId)));
  const groups = [...lots]
    .map((lot) => all.filter(({ blend }) => blend.parts.some(({ lotId }) => lotId === lot)))
    .filter((group) => group.length > 1 && group.length < all.length);
  return groups.length === 0 ? undefined : leaveOut(groups, all, properties, before, learnFrom);
}
