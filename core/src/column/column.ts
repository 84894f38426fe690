import type { Check } from '../errors';
import type { Steps } from '../numeric';
import { Account, type ColumnReport, type RootZone } from './account';
import { FEDDES, requireColumn, type ColumnInput } from './columnInput';
import { DAY_S, Drive, HOUR_S, type Poured } from './drive';
import { gridOf, type Grid } from './grid';
import { hydraulics, SOLVER, type Hydraulics } from './hydraulics';
import { Stepper, type Passed, type Roots } from './step';

export interface ColumnResult {
  readonly reports: readonly ColumnReport[];
  readonly profile: readonly { readonly z_cm: number; readonly theta: number; readonly air: number }[];
  /** Each watering from above, as it went. */
  readonly poured: readonly Poured[];
  readonly balanceError_mL: number;
  readonly checks: readonly Check[];
}

/** How a run of the column ended, with what it took. */
export type ColumnEnd =
  | (ColumnResult & { readonly kind: 'completed'; readonly steps: number })
  | { readonly kind: 'stopped'; readonly at_d: number }
  | { readonly kind: 'unstable'; readonly at_d: number; readonly steps: number };

/** The column at a time at which it is told of: what it is by height is good until the next step. */
export interface ColumnMoment {
  readonly report: ColumnReport;
  readonly rootZone: RootZone;
  readonly theta: Float64Array;
  readonly z_cm: Float64Array;
}

/** Steps in seconds; a watering begins with a short one. */
const STEP = { first_s: 1, least_s: 1e-4, most_s: 3 * HOUR_S, grow: 1.5, shrink: 0.3 };
/** Error of one step that is let pass: what a straight line through the last two would miss, mean over the slices. */
const NEAR = 4e-4;
/** Steps between two of whoever waits. */
const PAUSE_EVERY = 100;
const MOST_STEPS = 2_000_000;

function mediaOf({ layers }: ColumnInput, grid: Grid): readonly Hydraulics[] {
  const byLayer = layers.map(({ retention, ks_cms }) => hydraulics(retention, ks_cms));
  return Array.from(grid.z_cm, (z) => {
    const i = layers.findIndex(({ to_cm }) => z < to_cm);
    return byLayer[i === -1 ? byLayer.length - 1 : i] as Hydraulics;
  });
}

/** Heads of a pot that has drained for as long as it will. */
function drainedHeads({ base }: ColumnInput, grid: Grid): Float64Array {
  const hang_cm = typeof base === 'object' ? base.suction_cm : 0;
  return grid.z_cm.map((z) => -(z + hang_cm));
}

function startHeads(input: ColumnInput, grid: Grid, media: readonly Hydraulics[]): Float64Array {
  const { start } = input;
  if (start === 'drained') return drainedHeads(input, grid);
  return grid.z_cm.map((_, i) => ('theta' in start ? (media[i] as Hydraulics).psiAt(start.theta) : -start.head_cm));
}

/** Water that the pot holds drained, mL. */
function drainedWater(input: ColumnInput, grid: Grid, media: readonly Hydraulics[]): number {
  const state = { theta: 0, slope: 0, k: 0 };
  return drainedHeads(input, grid).reduce((sum, psi_cm, i) => {
    (media[i] as Hydraulics).at(psi_cm, state);
    return sum + (grid.volume_mL[i] as number) * state.theta;
  }, 0);
}

/** Roots evenly through the volume of their depth; all in the top slice where they have none. */
function rootsOf(input: ColumnInput, grid: Grid): Roots {
  const from_cm = input.container.height_cm - input.rootDepth_cm;
  const held = grid.z_cm.map((z, i) => {
    const above = z + grid.dz_cm / 2 - Math.max(from_cm, z - grid.dz_cm / 2);
    return Math.max(0, Math.min(1, above / grid.dz_cm)) * (grid.volume_mL[i] as number);
  });
  const whole = held.reduce((sum, one) => sum + one, 0);
  const share = whole > 0 ? held.map((one) => one / whole) : held.map((_, i) => (i === grid.n - 1 ? 1 : 0));
  return { share, air: input.roots?.air ?? FEDDES.air, dry_cm: input.roots?.dry_cm ?? FEDDES.dry_cm };
}

/** Times that are told of, s: the beginning, every so often, what else is asked for, the end; none twice. */
function reportTimes({ reportEvery_d, reportAt_d = [] }: ColumnInput, end_s: number): number[] {
  const every_s = reportEvery_d * DAY_S;
  const times = [end_s, ...reportAt_d.map((t_d) => t_d * DAY_S)];
  for (let i = 0; i * every_s < end_s; i += 1) times.push(i * every_s);
  times.sort((a, b) => a - b);
  return times.filter((t_s, i) => i === 0 || t_s - (times[i - 1] as number) > SAME_S);
}

/** Times that lie closer are one. */
const SAME_S = 1e-6;

function checksOf({ layers }: ColumnInput): Check[] {
  return layers.flatMap(({ ks_cms }, i): Check[] =>
    ks_cms > SOLVER.mostKs_cms
      ? [
          {
            code: 'ks-capped',
            severity: 'note',
            message: `Layer ${String(i + 1)} leads ${String(ks_cms)} cm/s; it is counted as ${String(SOLVER.mostKs_cms)}, which drains as fast by any clock.`,
          },
        ]
      : [],
  );
}

/**
 * Water in a pot through time: poured on, soaking in, draining, evaporating, drawn by roots.
 *
 * Richards' equation from base to top of a pot that may taper, in layers, by implicit steps that land on every beginning
 * and end. Water above the headspace runs over; a share of it runs past a dry medium that repels it; a saucer gives from
 * below. Roots draw evenly through their depth, less where air is under 15 % or suction over 100 cm; a porous wall dries
 * evenly over its area. Where hours of daylight are given, the day's demand is a half sine between them. mL and mm are on
 * the area of the top, but for the wall's. Yields the share of the time that is done; `onReport` hears of each report.
 * Throws for what no pot can be (see `requireColumn`).
 * Source: Celia, Bouloutas and Zarba (1990), Water Resour. Res. 26, 1483-1496; Feddes, Kowalik and Zaradny (1978).
 * Example: a saturated pot without use ends as `container-capacity` has it.
 */
export function* columnSteps(
  input: ColumnInput,
  onReport: (moment: ColumnMoment) => void = () => undefined,
): Steps<ColumnEnd> {
  requireColumn(input);
  const grid = gridOf(input.container, input.cells);
  const media = mediaOf(input, grid);
  const roots = rootsOf(input, grid);
  const stepper = new Stepper(grid, media, roots, startHeads(input, grid, media));
  const topArea_cm2 = grid.face_cm2[grid.n] as number;
  const drive = new Drive(input, topArea_cm2, drainedWater(input, grid, media));
  const account = new Account(grid, media, roots, stepper);
  const { headspace_cm = 1, repellence } = input;
  const end_s = input.end_d * DAY_S;
  const due = reportTimes(input, end_s);

  const reports: ColumnReport[] = [];
  const report = (t_s: number): void => {
    const told = account.report(t_s);
    reports.push(told);
    onReport({ report: told, rootZone: account.rootZone(), theta: stepper.theta, z_cm: grid.z_cm });
  };
  report(0);

  let pond_cm = 0;
  let steps = 0;
  let dt_s = STEP.first_s;
  let t_s = 0;
  while (t_s < end_s) {
    drive.look(t_s, account.held_mL());
    const due_s = due[reports.length] ?? end_s;
    const to_s = drive.next(t_s, due_s);
    if (drive.turnsAt(t_s)) {
      dt_s = Math.min(dt_s, STEP.first_s);
      stepper.turn();
    }
    while (t_s < to_s) {
      const left_s = to_s - t_s;
      const wished_s = Math.min(dt_s, drive.patience(t_s));
      // The last but one of a stretch takes half, so that none is left over that is hardly a step.
      const try_s = wished_s >= left_s ? left_s : wished_s > left_s / 2 ? left_s / 2 : wished_s;
      const past = repellence !== undefined && account.theta() < repellence.below ? repellence.lost : 0;
      const forcing = drive.forcing(t_s, t_s + try_s, past);
      const passed: Passed | undefined = stepper.step(try_s, pond_cm, forcing);
      steps += 1;
      if (steps % PAUSE_EVERY === 0) yield t_s / end_s;
      const missed = passed?.missed ?? 0;
      const isRough = passed === undefined || missed > 4 * NEAR;
      if (isRough && try_s > STEP.least_s) {
        if (passed !== undefined) stepper.back();
        dt_s = Math.max(STEP.least_s, try_s * STEP.shrink);
        continue;
      }
      if (passed === undefined || steps > MOST_STEPS) return { kind: 'unstable', at_d: t_s / DAY_S, steps };
      stepper.keep(try_s);
      const over_cm = Math.max(0, passed.pond_cm - headspace_cm);
      pond_cm = passed.pond_cm - over_cm;
      const poured_mL = drive.rate(t_s) * try_s;
      const past_mL = poured_mL * past;
      account.keep({
        dt_s: try_s,
        passed,
        poured_mL,
        past_mL,
        over_mL: over_cm * topArea_cm2,
        isInSaucer: (forcing.baseSuction_cm ?? 0) < 0,
      });
      const from_s = t_s;
      t_s = try_s === left_s ? to_s : t_s + try_s;
      const factor = missed > 0 ? Math.min(STEP.grow, 0.9 * Math.sqrt(NEAR / missed)) : STEP.grow;
      dt_s = Math.min(STEP.most_s, Math.max(STEP.least_s, (try_s === dt_s || factor < 1 ? try_s : dt_s) * factor));
      if (drive.passed(from_s, t_s, passed.drained_mL + past_mL)) {
        dt_s = Math.min(dt_s, STEP.first_s);
        stepper.turn();
        break;
      }
    }
    if (t_s === due_s) report(t_s);
  }

  return {
    kind: 'completed',
    steps,
    reports,
    profile: Array.from(grid.z_cm, (z_cm, i) => {
      const theta = stepper.theta[i] as number;
      return { z_cm, theta, air: (media[i] as Hydraulics).thetaS - theta };
    }),
    poured: drive.poured(),
    balanceError_mL: account.balanceError_mL(pond_cm * topArea_cm2),
    checks: checksOf(input),
  };
}
