import {
  BLEND_HEADS,
  DESK_PHYSICS,
  evaluateBlend,
  prepareBlend,
  type BlendComponent,
  type BlendScalars,
  type PreparedBlend,
} from '../blend';
import { containerRule, QUICK_QUADRATURE } from '../retention';
import { MEASURABLE, type MeasurableProperty, type MeasuredBlend } from './measuredBlend';
import { openPart } from './unknowns';

/** The kappas at which a blend is predicted; between them it is taken to change evenly. */
export const KAPPA_NODES: readonly number[] = Object.freeze(Array.from({ length: 13 }, (_, i) => i / 4));

/** What one thing that is not known moves, per standard deviation: a row for each property, at each kappa. */
export interface Effect {
  /** The same for blends that share it: a lot's own, or one of this blend alone. */
  readonly source: string;
  readonly by: readonly Float64Array[];
}

/** A measured blend as it answers kappa and everything that is not known of its lots. */
export interface Response {
  readonly blend: MeasuredBlend;
  readonly name: string;
  readonly properties: readonly MeasurableProperty[];
  /** Predicted, by property and kappa, with all that is not known at its middle. */
  readonly predicted: readonly Float64Array[];
  readonly effects: readonly Effect[];
}

/**
 * How a measured blend answers: predicted at each kappa, and moved by everything that is not known of it.
 *
 * Slopes are by one standard deviation to both sides of the middle. What bends is half of what both sides lie off: it
 * moves by z squared, whose mean is added to the prediction and whose scatter is an effect of its own.
 */
export function responseOf(blend: MeasuredBlend, name: string): Response {
  const { container, lime_meqPerL = 0, salt_dSm = 0, measured } = blend;
  const rule = containerRule(container, [BLEND_HEADS.drained], QUICK_QUADRATURE);
  const properties = MEASURABLE.filter((property) => measured[property] !== undefined);
  const valuesOf = (prepared: PreparedBlend): Float64Array[] => {
    const volumes = prepared.components.map(({ volume }) => volume);
    const scalars = KAPPA_NODES.map(
      (kappa): BlendScalars =>
        evaluateBlend(prepared, volumes, { model: 'packing', kappa, lime_meqPerL, salt_dSm, physics: DESK_PHYSICS })
          .scalars,
    );
    return properties.map((property) => Float64Array.from(scalars, (one) => one[property] ?? Number.NaN));
  };
  const parts = blend.parts.map((_, i) => openPart(blend, name, i));
  const components = parts.map(({ unknowns, at }): BlendComponent => at(unknowns.map(() => 0)));
  const prepared = prepareBlend(components, container, DESK_PHYSICS, rule);
  const middle = valuesOf(prepared);
  const known = properties.flatMap((_, i) => (Number.isFinite((middle[i] as Float64Array)[0]) ? [i] : []));
  const predicted = known.map((i) => (middle[i] as Float64Array).slice());
  const effects = parts.flatMap(({ unknowns, at }, part) =>
    unknowns.flatMap(({ source, place }): Effect[] => {
      const side = (sign: 1 | -1): Float64Array[] => {
        const moved = at(unknowns.map((_, i) => (i === place ? sign : 0)));
        const others = components.map((component, i) => (i === part ? moved : component));
        return valuesOf(prepareBlend(others, container, DESK_PHYSICS, rule, prepared));
      };
      const [up, down] = [side(1), side(-1)];
      const slopes = known.map((i) =>
        (up[i] as Float64Array).map((value, node) => (value - ((down[i] as Float64Array)[node] as number)) / 2),
      );
      const bends = known.map((i) =>
        (up[i] as Float64Array).map(
          (value, node) =>
            (value + ((down[i] as Float64Array)[node] as number)) / 2 - ((middle[i] as Float64Array)[node] as number),
        ),
      );
      predicted.forEach((own, row) => {
        own.forEach((value, node) => {
          own[node] = value + ((bends[row] as Float64Array)[node] as number);
        });
      });
      return [
        { source, by: slopes },
        // Squared less its mean, a standard normal has the standard deviation of the root of 2.
        { source: `${source} bent`, by: bends.map((bend) => bend.map((value) => Math.SQRT2 * value)) },
      ];
    }),
  );
  return { blend, name, properties: known.map((i) => properties[i] as MeasurableProperty), predicted, effects };
}

/** Values at the nodes, at any kappa: evenly between two. */
export function atKappa(nodes: Float64Array, kappa: number): number {
  const last = KAPPA_NODES.length - 1;
  const place = Math.min(Math.max((kappa / (KAPPA_NODES[last] as number)) * last, 0), last);
  const below = Math.min(Math.floor(place), last - 1);
  const low = nodes[below] as number;
  return low + (place - below) * ((nodes[below + 1] as number) - low);
}
