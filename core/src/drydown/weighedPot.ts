import { columnSteps, type ColumnInput, type ColumnReport } from '../column';
import { refuse } from '../errors';
import { finished } from '../numeric';
import { DRY_DOWN_DEFAULTS, type DryDownInput } from './dryDownInput';

/** What is not known of a pot before it is weighed: its demand, and the suction at which its plant begins to save. */
export interface Habit {
  readonly mmPerD: number;
  readonly stress_cm: number;
}

/** A can that is poured until the pot runs: slowly, and more than any pot takes. */
const UNTIL_RUN = { over_s: 300, untilRunoff: 0.1, potShare: 1 };
/** A measured jug. */
const JUG_s = 60;
/** Suction at which the plant draws nothing more. */
const WILTED_CM = 8000;
const AIR: readonly [number, number] = [0.05, 0.15];

/** The same pot through the column: water of it, mL, at each time asked for, if these were its habits. */
export function waterOf(input: DryDownInput, { mmPerD, stress_cm }: Habit, times_d: readonly number[]): number[] {
  const { container, layers, waterings } = input;
  const size_mL = (Math.PI / 4) * (container.topDiameter_cm ?? 0) ** 2 * container.height_cm * UNTIL_RUN.potShare;
  const end_d = Math.max(1e-3, ...times_d);
  const asked: ColumnInput = {
    container,
    layers,
    cells: input.cells ?? DRY_DOWN_DEFAULTS.cells,
    start: 'drained',
    base: input.base ?? 'seepage',
    potential_mmPerD: mmPerD,
    ...(input.evaporationShare === undefined ? {} : { evaporationShare: input.evaporationShare }),
    ...(input.mulchFactor === undefined ? {} : { mulchFactor: input.mulchFactor }),
    ...(input.wall_mmPerD === undefined ? {} : { wall_mmPerD: input.wall_mmPerD }),
    rootDepth_cm: input.rootDepth_cm,
    roots: { air: [...AIR], dry_cm: [stress_cm, WILTED_CM] },
    waterings: waterings.map(({ at_d, volume_mL }) =>
      volume_mL === undefined
        ? { at_d, volume_mL: size_mL, over_s: UNTIL_RUN.over_s, untilRunoff: UNTIL_RUN.untilRunoff }
        : { at_d, volume_mL, over_s: JUG_s },
    ),
    end_d,
    reportEvery_d: end_d,
    reportAt_d: [...new Set(times_d)].filter((t_d) => t_d > 0 && t_d < end_d).sort((a, b) => a - b),
  };
  const end = finished(columnSteps(asked));
  if (end.kind !== 'completed') refuse('layers', 'the water of this pot could not be followed');
  const { reports } = end;
  return times_d.map((t_d) => nearest(reports, t_d).storage_mL);
}

const nearest = (reports: readonly ColumnReport[], t_d: number): ColumnReport =>
  reports.reduce((a, b) => (Math.abs(b.t_d - t_d) < Math.abs(a.t_d - t_d) ? b : a));

/** Steps of the slopes, on the logarithms, to both sides: wide enough that the column’s own steps do not show. */
const SLOPE = { demand: 0.03, stress: 0.15 };

/** Logarithms of demand and stress point, and the mass of everything but the water, g. */
export type Point = readonly [number, number, number];

export const habitOf = ([mmPerD, stress_cm]: Point): Habit => ({
  mmPerD: Math.exp(mmPerD),
  stress_cm: Math.exp(stress_cm),
});

/** Water at the times asked for and how it moves with demand and stress, one row a time. */
export function slopesOf(input: DryDownInput, point: Point, times_d: readonly number[]): number[][] {
  const water = waterOf(input, habitOf(point), times_d);
  const at = (demand: number, stress: number): number[] =>
    waterOf(input, habitOf([point[0] + demand, point[1] + stress, point[2]]), times_d);
  const slopes = (up: readonly number[], down: readonly number[], by: number): number[] =>
    up.map((one, i) => (one - (down[i] as number)) / by);
  const demand = slopes(at(SLOPE.demand, 0), at(-SLOPE.demand, 0), 2 * SLOPE.demand);
  // One side is enough: most plants are watered before they save.
  const stress = slopes(at(0, SLOPE.stress), water, SLOPE.stress);
  return water.map((one, i) => [one, demand[i] as number, stress[i] as number]);
}
