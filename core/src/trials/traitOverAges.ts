import { meanOf, sdOf, studentT } from '../statistics';
import { sownOn } from './plan';
import { daysBetween, standingReadings, type TrialPlot, type TrialReading, type TrialRecord } from './trialRecord';
import { TRAITS, type TraitKey } from './traits';

/** One value of a plot at an age: of itself, or the mean of its plants. */
export interface PlotAtAge {
  readonly plot: TrialPlot;
  readonly age_d: number;
  readonly on: string;
  readonly value: number;
  /** Each plant's own, where plants are read. */
  readonly plants: readonly number[];
  readonly dead: number;
}

export interface ArmAtAge {
  readonly age_d: number;
  readonly n: number;
  readonly value: number;
  /** 95 % of the mean, from three plots on: plots are what was drawn by lot. */
  readonly ci95?: readonly [number, number];
}

/** Fewer plots say too little of their spread. */
const LEAST_PLOTS = 3;

const valueOf = (trait: TraitKey, { value, state }: TrialReading): number | undefined =>
  value ?? (state === 'dead' ? TRAITS[trait].deadIs : undefined);

/** What a trait came to in each plot at each age; missing readings make no value, and dead plants none but where they count. */
export function plotsAtAges(
  { plan, plots, readings }: TrialRecord,
  species: string,
  trait: TraitKey,
): readonly PlotAtAge[] {
  const byPlot = new Map<string, TrialReading[]>();
  for (const reading of standingReadings(readings))
    if (reading.trait === trait) byPlot.set(reading.plotId, [...(byPlot.get(reading.plotId) ?? []), reading]);
  return plots
    .filter((plot) => plot.species === species)
    .flatMap((plot) => {
      const arm = plan.arms.find(({ key }) => key === plot.arm);
      if (arm === undefined) return [];
      const from = sownOn(plan, arm);
      const own = byPlot.get(plot.id) ?? [];
      return [...new Set(own.map(({ on }) => on))].sort().flatMap((on): PlotAtAge[] => {
        const here = own.filter((one) => one.on === on).sort((a, b) => a.plant - b.plant);
        const values = here.flatMap((one) => valueOf(trait, one) ?? []);
        if (values.length === 0) return [];
        const dead = here.filter(({ state }) => state === 'dead').length;
        return [{ plot, age_d: daysBetween(from, on), on, value: meanOf(values), plants: values, dead }];
      });
    });
}

/** The mean of the plots of an arm at each age, with its band. */
export function armOverAges(found: readonly PlotAtAge[], arm: string): readonly ArmAtAge[] {
  const own = found.filter(({ plot }) => plot.arm === arm);
  const ages = [...new Set(own.map(({ age_d }) => age_d))].sort((a, b) => a - b);
  return ages.map((age_d) => {
    const values = own.filter((one) => one.age_d === age_d).map(({ value }) => value);
    const [n, value] = [values.length, meanOf(values)];
    if (n < LEAST_PLOTS) return { age_d, n, value };
    const half = (studentT(0.975, n - 1) * sdOf(values)) / Math.sqrt(n);
    return { age_d, n, value, ci95: [value - half, value + half] };
  });
}
