import {
  BLEND_HEADS,
  DESK_PHYSICS,
  evaluateBlend,
  prepareBlend,
  type BlendComponent,
  type PreparedBlend,
} from '../blend';
import { containerRule, QUICK_QUADRATURE, type ContainerRule } from '../retention';
import type { Measured, MeasurableProperty, MeasuredBlend } from './measuredBlend';
import { addSquare, dot, factorise, weighed, whitened, airAndWater } from './rows';
import { openPart, type OpenPart } from './unknowns';

/** What depends on kappa: all but the pH, which the settling moves only through lime. */
export const BODY_PROPERTIES: readonly MeasurableProperty[] = ['air', 'water', 'bulkDensity_gcc'];
type BodyProperty = 'air' | 'water' | 'bulkDensity_gcc';

/** Step of a slope, in standard deviations of what is not known. */
const STEP = 0.3;
/** Looks at one kappa: each where the one before says that the lots stand. */
const LOOKS = 4;
/** A look that moves nothing farther than this, in standard deviations, is the last. */
const CLOSE = 0.15;
/** No unknown is followed farther than this from its middle. */
const FARTHEST = 3.5;

/** A measured blend with everything that is not known of it. */
interface OpenBlend {
  readonly blend: MeasuredBlend;
  readonly rule: ContainerRule;
  readonly parts: readonly OpenPart[];
  readonly properties: readonly BodyProperty[];
}

/** Where unknowns stand, by source, in standard deviations. */
type Standing = Map<string, number>;

interface Column {
  readonly places: number[];
  readonly by: number[];
}

/** All measured blends at one kappa, looked at where their lots stand. */
interface Looked {
  readonly values: readonly number[];
  readonly columns: ReadonlyMap<string, Column>;
}

/**
 * How likely measured blends are at a kappa, whatever their lots are: what is not known of the lots, which blends share, is
 * put where it most probably stands at that kappa, and what is left in doubt around it is summed as a normal distribution.
 * Source: Laplace's approximation of a marginal likelihood; Tierney and Kadane (1986).
 */
export class Evidence {
  private readonly open: readonly OpenBlend[];
  private readonly standing: Standing = new Map();

  constructor(blends: readonly MeasuredBlend[]) {
    this.open = blends.map((blend, i): OpenBlend => {
      const name = `${blend.name} ${String(i)}`;
      return {
        blend,
        rule: containerRule(blend.container, [BLEND_HEADS.drained], QUICK_QUADRATURE),
        parts: blend.parts.map((_, part) => openPart(blend, name, part, false)),
        properties: BODY_PROPERTIES.filter((key): key is BodyProperty => blend.measured[key] !== undefined),
      };
    });
  }

  get isEmpty(): boolean {
    return this.open.every(({ properties }) => properties.length === 0);
  }

  /** Logarithm of how likely what was measured is at a kappa. Asked in order, each begins where the last one ended. */
  at(kappa: number): number {
    let found = Number.NEGATIVE_INFINITY;
    for (let look = 0; look < LOOKS; look += 1) {
      const { values, columns } = this.look(kappa);
      const factor = this.measuring();
      for (const { places, by } of columns.values()) addSquare(factor, places, by);
      const logDeterminant = factorise(factor);
      const even = whitened({ factor }, values);
      found = -0.5 * (dot(even, even) + logDeterminant);
      const weights = weighed({ factor }, even);
      let far = 0;
      for (const [source, { places, by }] of columns) {
        const z = places.reduce((sum, row, k) => sum + (by[k] as number) * (weights[row] as number), 0);
        const to = Math.min(Math.max(z, -FARTHEST), FARTHEST);
        far = Math.max(far, Math.abs(to - (this.standing.get(source) ?? 0)));
        this.standing.set(source, to);
      }
      if (far < CLOSE) break;
    }
    return found;
  }

  /** Measured less predicted, led back to the middle of what is not known, and what each of it moves. */
  private look(kappa: number): Looked {
    const values: number[] = [];
    const columns = new Map<string, Column>();
    for (const one of this.open) {
      const first = values.length;
      const { parts, properties, blend } = one;
      const here = parts.map(({ unknowns }) => unknowns.map(({ source }) => this.standing.get(source) ?? 0));
      const components = parts.map(({ at }, i) => at(here[i] as number[]));
      const prepared = prepareBlend(components, blend.container, DESK_PHYSICS, one.rule);
      const said = predicted(one, prepared, kappa);
      properties.forEach((key, row) => {
        values.push((blend.measured[key] as Measured).value - (said[row] as number));
      });
      parts.forEach(({ unknowns, at }, part) => {
        for (const { source, place } of unknowns) {
          const z = (here[part] as number[])[place] as number;
          const step = z > 0 ? -STEP : STEP;
          const moved = at((here[part] as number[]).map((value, i) => (i === place ? value + step : value)));
          const others: BlendComponent[] = components.map((component, i) => (i === part ? moved : component));
          const there = predicted(one, prepareBlend(others, blend.container, DESK_PHYSICS, one.rule, prepared), kappa);
          const column = columns.get(source) ?? { places: [], by: [] };
          properties.forEach((_, row) => {
            const slope = ((there[row] as number) - (said[row] as number)) / step;
            if (slope === 0) return;
            column.places.push(first + row);
            column.by.push(slope);
            values[first + row] = (values[first + row] as number) + slope * z;
          });
          columns.set(source, column);
        }
      });
    }
    return { values, columns };
  }

  /** Covariance of the measurements themselves, lower half by rows. */
  private measuring(): Float64Array[] {
    const count = this.open.reduce((sum, { properties }) => sum + properties.length, 0);
    const lower = Array.from({ length: count }, () => new Float64Array(count));
    let first = 0;
    for (const { properties, blend } of this.open) {
      properties.forEach((a, i) => {
        properties.slice(0, i + 1).forEach((b, j) => {
          (lower[first + i] as Float64Array)[first + j] =
            a === b ? (blend.measured[a] as Measured).se ** 2 : airAndWater(blend, a, b);
        });
      });
      first += properties.length;
    }
    return lower;
  }
}

function predicted({ properties }: OpenBlend, prepared: PreparedBlend, kappa: number): number[] {
  const volumes = prepared.components.map(({ volume }) => volume);
  const { scalars } = evaluateBlend(prepared, volumes, { model: 'packing', kappa, physics: DESK_PHYSICS });
  return properties.map((key) => scalars[key]);
}
