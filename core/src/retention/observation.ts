import { refuse, requireNotNegative, requirePositive, requireWithin } from '../errors';
import { fixed, forms, maybe, number, object, type InputOf } from '../method';
import { gaussLegendre, type Rule } from '../numeric';

/** What was measured of a curve: at one suction, over a drained column, over a slice of one. */
export const OBSERVATION = forms('kind', [
  object({
    kind: fixed('point'),
    head_cm: number('suction to the middle of the ring'),
    ringHeight_cm: maybe(number()),
    theta: number(),
    weight: maybe(number()),
  }),
  object({ kind: fixed('column'), height_cm: number(), theta: number(), weight: maybe(number()) }),
  object({ kind: fixed('slice'), from_cm: number(), to_cm: number(), theta: number(), weight: maybe(number()) }),
]);
export type RetentionObservation = InputOf<typeof OBSERVATION>;

/** Suctions and weights that sum to one: the observation is the mean of theta over them. */
export interface ObservedHeights {
  readonly suctions_cm: readonly number[];
  readonly weights: readonly number[];
}

/** Nodes over a range; heights are taken as u^4 of it, which flattens the steep wet end. */
const NODES = gaussLegendre(24);
const FLATTEN = 4;

/** Refuses an observation that no bench can give, naming the field. */
export function requireObservation(observation: RetentionObservation, path: string): void {
  requireWithin(`${path}.theta`, observation.theta, 0, 1);
  if (observation.weight !== undefined) requirePositive(`${path}.weight`, observation.weight, '');
  switch (observation.kind) {
    case 'point':
      requireNotNegative(`${path}.head_cm`, observation.head_cm, 'cm');
      if (observation.ringHeight_cm !== undefined)
        requirePositive(`${path}.ringHeight_cm`, observation.ringHeight_cm, 'cm');
      return;
    case 'column':
      requirePositive(`${path}.height_cm`, observation.height_cm, 'cm');
      return;
    case 'slice':
      requireNotNegative(`${path}.from_cm`, observation.from_cm, 'cm');
      if (!(observation.to_cm > observation.from_cm)) {
        refuse(
          `${path}.to_cm`,
          `${String(observation.to_cm)} cm must be above from_cm ${String(observation.from_cm)} cm`,
        );
      }
  }
}

/** The mean over a range of heights; `area` weighs each, for vessels that taper. */
export function heightsOver(
  from: number,
  to: number,
  nodes: Rule = NODES,
  area: (z_cm: number) => number = () => 1,
): ObservedHeights {
  const suctions_cm: number[] = [];
  const weights: number[] = [];
  nodes.nodes.forEach((node, i) => {
    const u = (1 + node) / 2;
    const z = from + (to - from) * u ** FLATTEN;
    suctions_cm.push(z);
    weights.push((nodes.weights[i] as number) * u ** (FLATTEN - 1) * area(z));
  });
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return { suctions_cm, weights: weights.map((weight) => weight / whole) };
}

/**
 * Where an observation looked: a point at its suction, or over its ring where the ring's height is given (suction is to
 * the middle); a column from its drained base up; a slice between its heights. `nodes` are fewer where thousands of looks
 * are taken.
 */
export function observedHeights(observation: RetentionObservation, nodes: Rule = NODES): ObservedHeights {
  switch (observation.kind) {
    case 'point': {
      const half = (observation.ringHeight_cm ?? 0) / 2;
      if (half === 0) return { suctions_cm: [observation.head_cm], weights: [1] };
      return heightsOver(Math.max(0, observation.head_cm - half), observation.head_cm + half, nodes);
    }
    case 'column':
      return heightsOver(0, observation.height_cm, nodes);
    case 'slice':
      return heightsOver(observation.from_cm, observation.to_cm, nodes);
  }
}

/** Observations that look at the same place are one, however often they were made. */
export function placeOf(observation: RetentionObservation): string {
  switch (observation.kind) {
    case 'point':
      return `point ${String(observation.head_cm)} ${String(observation.ringHeight_cm ?? 0)}`;
    case 'column':
      return `column ${String(observation.height_cm)}`;
    case 'slice':
      return `slice ${String(observation.from_cm)} ${String(observation.to_cm)}`;
  }
}
