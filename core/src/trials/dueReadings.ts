import { sownOn, type TrialPlan } from './plan';
import { TRAITS, type TraitKey } from './traits';
import { daysBetween, pulledPlants, standingReadings, type TrialPlot, type TrialReading } from './trialRecord';

/** A cell of a day's readings: what to read, of which plot and which of its plants. */
export interface DueCell {
  readonly plotId: string;
  readonly plant: number;
  readonly trait: TraitKey | 'signs';
}

interface Kept {
  readonly plan: TrialPlan;
  readonly plots: readonly TrialPlot[];
  readonly readings: readonly TrialReading[];
  readonly out: readonly { readonly plotId: string }[];
  readonly seed: number;
}

const cellKey = ({ plotId, plant, trait }: DueCell): string => `${plotId} ${String(plant)} ${trait}`;

/** Plants that are not there to be read any more: found dead before, or pulled for their roots. */
function goneBy({ plan, plots, readings, seed }: Kept, on: string): ReadonlySet<string> {
  const gone = new Set(
    standingReadings(readings)
      .filter((reading) => reading.state === 'dead' && reading.plant > 0 && reading.on < on)
      .map(({ plotId, plant }) => `${plotId} ${String(plant)}`),
  );
  const { pull } = plan;
  if (pull === undefined) return gone;
  for (const { id, number, arm, species } of plots) {
    const sown = plan.arms.find(({ key }) => key === arm);
    const plants = plan.species.find(({ key }) => key === species)?.plants ?? 0;
    if (sown !== undefined && daysBetween(sownOn(plan, sown), on) > pull.age_d)
      for (const plant of pulledPlants(seed, number, plants, pull.each)) gone.add(`${id} ${String(plant)}`);
  }
  return gone;
}

/** All that the plan asks to be read on a day, plot by plot in the order of a walk along the blocks. */
export function plannedCells(kept: Kept, on: string): readonly DueCell[] {
  const { plan, plots, out } = kept;
  const gone = goneBy(kept, on);
  const isOut = new Set(out.map(({ plotId }) => plotId));
  return plan.observe.flatMap(({ trait, ages }) =>
    plots.flatMap((plot): DueCell[] => {
      const arm = plan.arms.find(({ key }) => key === plot.arm);
      if (arm === undefined || isOut.has(plot.id)) return [];
      if (!ages.includes(daysBetween(sownOn(plan, arm), on))) return [];
      if (trait === 'signs' || TRAITS[trait].of === 'plot') return [{ plotId: plot.id, plant: 0, trait }];
      const plants = plan.species.find(({ key }) => key === plot.species)?.plants ?? 0;
      return Array.from({ length: plants }, (_, i) => ({ plotId: plot.id, plant: i + 1, trait })).filter(
        ({ plant }) => !gone.has(`${plot.id} ${String(plant)}`),
      );
    }),
  );
}

/** How many of a day's cells have nothing in them yet: missing and dead are something. */
export function cellsLeft(kept: Kept, on: string): { readonly planned: number; readonly left: number } {
  const cells = plannedCells(kept, on);
  const read = new Set(kept.readings.filter((reading) => reading.on === on).map(cellKey));
  return { planned: cells.length, left: cells.filter((cell) => !read.has(cellKey(cell))).length };
}

/** The next day, from a day on, at which the plan asks for readings; undefined after the last. */
export function nextDay(plan: TrialPlan, from: string): string | undefined {
  const days = plan.arms.flatMap((arm) => {
    const sown = sownOn(plan, arm);
    const age = daysBetween(sown, from);
    return plan.observe.flatMap(({ ages }) => ages.filter((one) => one >= age).map((one) => dayAfter(sown, one)));
  });
  return days.sort()[0];
}

/** A day so many days after another. */
export const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
