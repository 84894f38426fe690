import { sownOn } from './plan';
import { germination, type GerminationResult } from './germination';
import { daysBetween, standingReadings, type TrialRecord } from './trialRecord';

/** Seedlings that were counted up so far, made newly up by day; a count below an earlier one adds nothing. */
export function newlyUp(counts: readonly { readonly age_d: number; readonly upSoFar: number }[]): number[] {
  const last = counts.reduce((most, { age_d }) => Math.max(most, age_d), 0);
  const byDay = new Array<number>(last).fill(0);
  let before = 0;
  for (const { age_d, upSoFar } of [...counts].sort((a, b) => a.age_d - b.age_d)) {
    if (age_d < 1 || upSoFar <= before) continue;
    byDay[age_d - 1] = upSoFar - before;
    before = upSoFar;
  }
  return byDay;
}

export interface TrialGermination {
  /** Share that was up at each age, by arm. */
  readonly curves: readonly {
    readonly arm: string;
    readonly points: readonly { readonly age_d: number; readonly share: number }[];
  }[];
  readonly compared: GerminationResult;
  /** Plots as they entered, for whoever works it out again. */
  readonly groups: readonly {
    readonly name: string;
    readonly trays: readonly { readonly sown: number; readonly byDay: readonly number[] }[];
  }[];
}

/** How the seeds of a species came up, plot by plot: a plot is a tray of seeds. Undefined where nobody counted. */
export function germinationOfTrial(
  { plan, plots, readings }: TrialRecord,
  species: string,
): TrialGermination | undefined {
  const kind = plan.species.find(({ key }) => key === species);
  if (kind === undefined) return undefined;
  const counted = standingReadings(readings).filter(({ trait, value }) => trait === 'up' && value !== undefined);
  const groups = plan.arms.flatMap((arm) => {
    const from = sownOn(plan, arm);
    const trays = plots
      .filter((plot) => plot.arm === arm.key && plot.species === species)
      .flatMap(({ id }) => {
        const own = counted
          .filter(({ plotId }) => plotId === id)
          .map(({ on, value = 0 }) => ({ age_d: daysBetween(from, on), upSoFar: Math.min(value, kind.seeds) }));
        return own.length === 0 ? [] : [{ own, sown: kind.seeds, byDay: newlyUp(own) }];
      });
    return trays.length === 0 ? [] : [{ arm, trays }];
  });
  if (groups.length === 0) return undefined;
  const named = groups.map(({ arm, trays }) => ({
    name: arm.name,
    trays: trays.map(({ sown, byDay }) => ({ sown, byDay })),
  }));
  const curves = groups.map(({ arm, trays }) => {
    const ages = [...new Set(trays.flatMap(({ own }) => own.map(({ age_d }) => age_d)))].sort((a, b) => a - b);
    const upTo = (byDay: readonly number[], age: number): number =>
      byDay.slice(0, age).reduce((sum, one) => sum + one, 0);
    return {
      arm: arm.key,
      points: ages.map((age_d) => ({
        age_d,
        share: trays.reduce((sum, { byDay }) => sum + upTo(byDay, age_d), 0) / (trays.length * kind.seeds),
      })),
    };
  });
  return { curves, groups: named, compared: germination({ groups: named }) };
}
