import { drawnCurves, quantile, type Band, type BandsInput } from '../bands';
import { columnSteps } from '../column';
import type { Steps } from '../numeric';
import type { Retention } from '../retention';
import { normalDraw, seededRandom } from '../scoring';
import type { Conductivity } from './conductivity';
import { columnOf } from './columnOf';
import type { PotSetup } from './potSetup';

/** What is not sure of a pot's course: 5, 50 and 95 % of its draws. */
export interface PotBands {
  /** Water of the pot, mL, each day. */
  readonly stored_mL: readonly Band[];
  readonly wetHours: Band;
  readonly dryHours: Band;
  /** Days from drained to the first dry hour, if nobody waters; no more than `DRYING_d`. */
  readonly daysToDry: Band;
  /** Draws whose water could not be followed. */
  readonly lost: number;
}

export const POT_DRAWS = 60;
/** A pot that is not dry by then is as good as never. */
export const DRYING_d = 40;
/** Fewer slices than the pot that is watched: what they miss is small beside the band. */
const CELLS = 20;
const DRY_CM = 100;

function bandOf(values: readonly number[]): Band {
  const sorted = Float64Array.from(values).sort();
  return { p5: quantile(sorted, 0.05), p50: quantile(sorted, 0.5), p95: quantile(sorted, 0.95) };
}

/** Standard normal quantile of a 90 % band's end. */
const Z90 = 1.6449;

interface Drawn {
  readonly stored_mL: readonly number[];
  readonly wet: number;
  readonly dry: number;
  readonly toDry_d: number;
}

/** One draw's pot to the end, then once more without water until its roots lack it. */
function* follow(setup: PotSetup, retention: Retention, ks_cms: number): Steps<Drawn | undefined> {
  const drawn: PotSetup = { ...setup, medium: { retention, ks_cms }, cells: CELLS };
  const end = yield* columnSteps({ ...columnOf(drawn), reportEvery_d: 1, reportAt_d: [] });
  if (end.kind !== 'completed') return undefined;
  let toDry_d = DRYING_d;
  const drying = columnOf({
    ...drawn,
    plan: { kind: 'none' },
    stand: setup.stand === 'winter' ? 'mild' : setup.stand,
    days: DRYING_d,
  });
  const dried = yield* columnSteps({ ...drying, reportEvery_d: 0.25, reportAt_d: [] }, ({ report, rootZone }) => {
    if (rootZone.suction_cm > DRY_CM) toDry_d = Math.min(toDry_d, report.t_d);
  });
  if (dried.kind !== 'completed') return undefined;
  const last = end.reports.at(-1);
  return {
    stored_mL: end.reports.map(({ storage_mL }) => storage_mL),
    wet: last?.wetFeetHours ?? 0,
    dry: last?.dryHours ?? 0,
    toDry_d,
  };
}

/**
 * The pot's course for draws of its medium: the curve as far as lots and packing are known, and conductivity within its
 * factor (log-normal). Seeded; yields the share that is done.
 */
export function* potBandsSteps(
  setup: PotSetup,
  medium: BandsInput,
  conductivity: Conductivity,
  draws = POT_DRAWS,
): Steps<PotBands> {
  const random = seededRandom(medium.seed ?? 1);
  const all: Drawn[] = [];
  let lost = 0;
  for (const [i, retention] of drawnCurves(medium, draws).entries()) {
    const ks_cms = conductivity.ks_cms * conductivity.factor ** (normalDraw(random) / Z90);
    const steps = follow(setup, retention, ks_cms);
    let step = steps.next();
    while (step.done !== true) {
      // A pot is followed twice; the second is the shorter.
      yield (i + step.value / 2) / draws;
      step = steps.next();
    }
    if (step.value === undefined) lost += 1;
    else all.push(step.value);
  }
  const days = all[0]?.stored_mL.length ?? 0;
  return {
    stored_mL: Array.from({ length: days }, (_, day) => bandOf(all.map(({ stored_mL }) => stored_mL[day] as number))),
    wetHours: bandOf(all.map(({ wet }) => wet)),
    dryHours: bandOf(all.map(({ dry }) => dry)),
    daysToDry: bandOf(all.map(({ toDry_d }) => toDry_d)),
    lost,
  };
}
