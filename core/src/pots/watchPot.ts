import {
  columnSteps,
  FEDDES,
  limitsOf,
  type ColumnEnd,
  type ColumnInput,
  type ColumnMoment,
  type Poured,
  type RootZone,
} from '../column';
import { refuse } from '../errors';
import type { Steps } from '../numeric';

/** A pot as it was followed, hour by hour. Series have one value an hour; fields one row an hour, from the base up. */
export interface WatchedPot {
  readonly t_d: Float64Array;
  readonly stored_mL: Float64Array;
  readonly drained_mL: Float64Array;
  readonly used_mL: Float64Array;
  readonly added_mL: Float64Array;
  readonly overflow_mL: Float64Array;
  /** Of the root zone. */
  readonly air: Float64Array;
  readonly suction_cm: Float64Array;
  /** Of the lowest third of the depth, where roots go sour first. */
  readonly lowAir: Float64Array;
  readonly z_cm: Float64Array;
  /** Water of each height, at each hour in turn. */
  readonly theta: Float32Array;
  /** All pores of each height. */
  readonly pores: Float64Array;
  /** Air of the root zone ten minutes after it was soaked. */
  readonly soonAir: number;
  readonly wetHours: number;
  readonly dryHours: number;
  readonly lowWetHours: number;
  /** Under so much air it is too wet, over such suction too dry for its roots. */
  readonly limits: RootZone;
  readonly poured: readonly Poured[];
  readonly balanceError_mL: number;
}

/** Follows a pot and keeps what it was each hour, in steps. */
export function* watchPotSteps(input: ColumnInput): Steps<WatchedPot> {
  const hourly: Kept[] = [];
  let soonAir = NaN;
  const steps = columnSteps(input, (moment) => {
    const hours = 24 * moment.report.t_d;
    if (Math.abs(hours - Math.round(hours)) > 1e-6) soonAir = moment.rootZone.air;
    else hourly.push({ moment, theta: Float32Array.from(moment.theta) });
  });
  let step = steps.next();
  while (step.done !== true) {
    yield step.value;
    step = steps.next();
  }
  return watched(input, step.value, hourly, soonAir);
}

interface Kept {
  readonly moment: ColumnMoment;
  readonly theta: Float32Array;
}

function watched(
  { container, roots }: ColumnInput,
  end: ColumnEnd,
  kept: readonly Kept[],
  soonAir: number,
): WatchedPot {
  if (end.kind !== 'completed')
    refuse('layers', 'the water of this pot could not be followed to the end; try it with another layer or watering');
  const limits = limitsOf({ air: roots?.air ?? FEDDES.air, dry_cm: roots?.dry_cm ?? FEDDES.dry_cm });
  const z_cm = Float64Array.from(end.profile, (one) => one.z_cm);
  const pores = Float64Array.from(end.profile, ({ theta, air }) => theta + air);
  const third = z_cm.findIndex((z) => z > container.height_cm / 3);
  const lowAirOf = (theta: Float32Array): number => {
    let sum = 0;
    for (let i = 0; i < third; i += 1) sum += (pores[i] as number) - (theta[i] as number);
    return sum / Math.max(1, third);
  };
  const series = (of: (one: Kept) => number): Float64Array => Float64Array.from(kept, of);
  const lowAir = series(({ theta }) => lowAirOf(theta));
  const last = end.reports.at(-1);
  const theta = new Float32Array(kept.length * z_cm.length);
  kept.forEach((one, i) => {
    theta.set(one.theta, i * z_cm.length);
  });
  const t_d = series(({ moment }) => moment.report.t_d);
  return {
    t_d,
    stored_mL: series(({ moment }) => moment.report.storage_mL),
    drained_mL: series(({ moment }) => moment.report.drained_mL),
    used_mL: series(({ moment }) => moment.report.used_mL + moment.report.evaporated_mL),
    added_mL: series(({ moment }) => moment.report.added_mL),
    overflow_mL: series(({ moment }) => moment.report.overflow_mL),
    air: series(({ moment }) => moment.rootZone.air),
    suction_cm: series(({ moment }) => moment.rootZone.suction_cm),
    lowAir,
    z_cm,
    theta,
    pores,
    soonAir,
    wetHours: last?.wetFeetHours ?? 0,
    dryHours: last?.dryHours ?? 0,
    lowWetHours: lowAir.reduce((sum, air, i) => sum + (i > 0 && air < limits.air ? hours(t_d, i) : 0), 0),
    limits,
    poured: end.poured,
    balanceError_mL: end.balanceError_mL,
  };
}

const hours = (t_d: Float64Array, i: number): number => 24 * ((t_d[i] as number) - (t_d[i - 1] as number));

/** Spans of hours in which a series lies on the wrong side, each as first and last hour. */
export function spansOf(series: Float64Array, isOutside: (value: number) => boolean): [number, number][] {
  const spans: [number, number][] = [];
  series.forEach((value, i) => {
    if (!isOutside(value)) return;
    const open = spans.at(-1);
    if (open?.[1] === i - 1) open[1] = i;
    else spans.push([i, i]);
  });
  return spans;
}
