import { fixed, forms, list, maybe, number, object, type InputOf } from '../method';
import { refuse, requireNotNegative, requirePositive, requireWithin } from '../errors';
import { gaussLegendre, type Rule } from '../numeric';
import type { ReadBy } from '../statistics';
import { addCurve, heightsOver, observedHeights, type ObservedHeights } from '../retention';
import { CONTAINER, diameterAt, requireContainer } from '../vessel';
import { canonicalText } from '../content';
import type { Sight } from './combine';
import { BODY, curveFromScale } from './scales';

const VALUES = list(number(), 'water fractions of the repeats, 0 to 1');

/**
 * What was seen of a lot's water: all its pores, or the water at a suction, over a column, a slice, a vessel of any shape;
 * or of a drained vessel the air alone, and water that it holds at least.
 */
export const SEEN = forms('kind', [
  object({ kind: fixed('porosity'), values: list(number(), 'total porosity of the repeats, 0 to 1') }),
  object({ kind: fixed('point'), head_cm: number(), ringHeight_cm: maybe(number()), values: VALUES }),
  object({ kind: fixed('column'), height_cm: number(), values: VALUES }),
  object({ kind: fixed('slice'), from_cm: number(), to_cm: number(), values: VALUES }),
  object({ kind: fixed('vessel'), container: CONTAINER, values: VALUES }),
  object({ kind: fixed('air'), container: CONTAINER, values: list(number(), 'air of the repeats, 0 to 1') }),
  object({ kind: fixed('least'), container: CONTAINER, values: VALUES }),
]);
export type Seen = InputOf<typeof SEEN>;

/** The method by which it was seen: repeats of one method have one spread. */
export function readBy({ kind }: Seen): ReadBy {
  if (kind === 'porosity' || kind === 'air') return kind;
  return kind === 'point' || kind === 'slice' ? 'ring' : 'capacity';
}

/** Refuses what no bench can give, naming the field. */
export function requireSeen(seen: Seen, path: string): void {
  if (seen.values.length === 0) refuse(`${path}.values`, 'an empty list says nothing; leave it out');
  seen.values.forEach((value, i) => requireWithin(`${path}.values[${String(i)}]`, value, 0, 1));
  switch (seen.kind) {
    case 'porosity':
      return;
    case 'point':
      requireNotNegative(`${path}.head_cm`, seen.head_cm, 'cm');
      if (seen.ringHeight_cm !== undefined) requirePositive(`${path}.ringHeight_cm`, seen.ringHeight_cm, 'cm');
      return;
    case 'column':
      requirePositive(`${path}.height_cm`, seen.height_cm, 'cm');
      return;
    case 'slice':
      requireNotNegative(`${path}.from_cm`, seen.from_cm, 'cm');
      if (!(seen.to_cm > seen.from_cm)) refuse(`${path}.to_cm`, `${String(seen.to_cm)} cm must be above from_cm`);
      return;
    case 'vessel':
    case 'air':
    case 'least':
      requireContainer(seen.container);
  }
}

/** Nodes over a height for one of thousands of looks; one look by itself takes as many as a fit. */
const QUICK = gaussLegendre(9);

/** Suctions that a sight is the mean of, with weights that sum to one. */
function heightsOf(seen: Seen, nodes: Rule | undefined): ObservedHeights {
  if (seen.kind === 'porosity') return { suctions_cm: [0], weights: [1] };
  if (seen.kind !== 'vessel' && seen.kind !== 'air' && seen.kind !== 'least')
    return observedHeights({ ...seen, theta: 0 }, nodes);
  const { container } = seen;
  const { suctions_cm, weights } = heightsOver(0, container.height_cm, nodes, (z) => diameterAt(container, z) ** 2);
  return { suctions_cm: suctions_cm.map((z) => z + (container.baseSuction_cm ?? 0)), weights };
}

/** A sight of the curve: its mean over some heights, with slopes on the scales. */
export function curveSight(seen: Seen, value: number, se: number, quick = false): Sight {
  const { suctions_cm, weights } = heightsOf(seen, quick ? QUICK : undefined);
  const sums = new Float64Array(5);
  const { values: _values, ...place } = seen;
  return {
    value,
    se,
    group: readBy(seen),
    place: canonicalText(place),
    looks: suctions_cm.length,
    look: (x, slopes) => {
      const retention = curveFromScale(x);
      const { thetaR, thetaS } = retention;
      sums.fill(0);
      for (let k = 0; k < suctions_cm.length; k += 1)
        addCurve(retention, suctions_cm[k] as number, weights[k] as number, sums);
      const [byR, byS] = [sums[1] as number, sums[2] as number];
      const share = thetaR / thetaS;
      slopes[0] = byR * thetaS * share * (1 - share);
      slopes[1] = (byS + byR * share) * thetaS * (1 - thetaS);
      slopes[2] = sums[3] as number;
      slopes[3] = sums[4] as number;
      const water = sums[0] as number;
      if (seen.kind !== 'air') return water;
      for (let i = 0; i < 4; i += 1) slopes[i] = -(slopes[i] as number);
      slopes[1] += thetaS * (1 - thetaS);
      return thetaS - water;
    },
  };
}

/** Water of a vessel that cannot be less: pulls where the curve holds less, and says nothing where it holds more. */
export function leastSight(seen: Seen, bound: number, se: number, quick = false): Sight {
  const water = curveSight(seen, bound, se, quick);
  return {
    ...water,
    value: 0,
    group: 'bound',
    look: (x, slopes) => {
      const over = water.look(x, slopes) - bound;
      if (over < 0) return over;
      slopes.fill(0);
      return 0;
    },
  };
}

/** A sight of one value that is on its scale already. */
export function plainSight(at: (typeof BODY)[number], value: number, se: number, group: ReadBy): Sight {
  const index = BODY.indexOf(at);
  return {
    value,
    se,
    group,
    place: at,
    looks: 0,
    look: (x, slopes) => {
      slopes[index] = 1;
      return x[index] as number;
    },
  };
}

/** How far alpha may lie over what the grains allow before it is pulled back, SD of its logarithm. */
const GRAIN_EDGE = 0.1;

/** Grains of a size bound alpha: 0.35 per cm and mm, as `retention-fit` has it; nothing is said under the bound. */
export function grainSight(lnTop: number): Sight {
  return {
    value: 0,
    se: GRAIN_EDGE,
    group: 'bound',
    place: 'alpha',
    looks: 0,
    look: (x, slopes) => {
      const over = (x[2] as number) - lnTop;
      if (over <= 0) return 0;
      slopes[2] = 1;
      return over;
    },
  };
}
