import { normalDraw, seededRandom, TRAITS, type TraitKey, type TrialPlot, type TrialReading } from '@bent-pail/core';
import type { GrownFile, TrialFile } from './trialFiles';

/** How far plots, shelves and plants of one medium differ, in parts of what is read. */
const VARIES = Object.freeze({ plot: 0.055, block: 0.05, plant: 0.09, spread_d: 0.9 });

type Reading = Pick<TrialReading, 'plotId' | 'plant' | 'trait' | 'value' | 'state' | 'signs'> & {
  readonly age_d: number;
};

/** What was read of a plot, at the ages of the plan: drawn around how its medium truly grows, the same whenever it is loaded. */
export function readingsOf(file: TrialFile, plots: readonly TrialPlot[]): readonly Reading[] {
  const random = seededRandom(file.draws);
  const shelf = Array.from({ length: file.blocks }, () => 1 + VARIES.block * normalDraw(random));
  const until = file.readTo_d ?? Number.POSITIVE_INFINITY;
  return plots
    .flatMap((plot) => {
      const grown = file.grown[plot.species]?.[plot.arm];
      if (grown === undefined) throw new Error(`The demo's trial ${file.name} does not say how ${plot.arm} grows.`);
      const own = (shelf[plot.block - 1] ?? 1) * (1 + VARIES.plot * normalDraw(random));
      return ofPlot(file, plot, grown, { own, random });
    })
    .filter(({ age_d }) => age_d <= until);
}

interface Draw {
  readonly own: number;
  readonly random: () => number;
}

function ofPlot(file: TrialFile, plot: TrialPlot, grown: GrownFile, { own, random }: Draw): Reading[] {
  const kind = file.species.find(({ key }) => key === plot.species);
  if (kind === undefined) return [];
  const of = (trait: TraitKey | 'signs') => file.observe[trait] ?? [];
  const came = Array.from({ length: kind.seeds }, () =>
    random() < grown.up ? grown.half_d + VARIES.spread_d * normalDraw(random) : Number.POSITIVE_INFINITY,
  );
  const whole = (trait: TraitKey, age_d: number, value: number): Reading => {
    const { range, isWhole, steps } = TRAITS[trait];
    const rounded =
      isWhole === true ? Math.round(value) : steps === undefined ? Number(value.toFixed(1)) : Math.round(2 * value) / 2;
    return { plotId: plot.id, plant: 0, trait, age_d, value: Math.min(range[1], Math.max(range[0], rounded)) };
  };
  const plants = Array.from({ length: kind.plants }, () => own * (1 + VARIES.plant * normalDraw(random)));
  const atPlants = (trait: 'height' | 'leaves', i: number, age_d: number): Reading[] =>
    plants.flatMap((each, at): Reading[] => {
      const plant = at + 1;
      const reading = { plotId: plot.id, plant, trait, age_d };
      const isIt = (one: { readonly plot: number; readonly plant: number }): boolean =>
        one.plot === plot.number && one.plant === plant;
      const died = file.dead.find(isIt);
      if (died !== undefined && age_d > died.age_d) return [];
      if (died?.age_d === age_d) return [{ ...reading, state: 'dead' }];
      if (file.missing.some((one) => isIt(one) && one.age_d === age_d)) return [{ ...reading, state: 'missing' }];
      const mean = trait === 'height' ? (grown.height[i] ?? 0) : grown.leaves;
      return [{ ...reading, value: Math.round(mean * each) }];
    });
  return [
    ...of('up').map((age_d) => whole('up', age_d, came.filter((one) => one <= age_d).length)),
    ...of('height').flatMap((age_d, i) => atPlants('height', i, age_d)),
    ...of('leaves').flatMap((age_d, i) => atPlants('leaves', i, age_d)),
    ...of('colour').map((age_d, i) => whole('colour', age_d, (grown.colour[i] ?? 5) + 0.3 * normalDraw(random))),
    ...of('fresh').map((age_d) => whole('fresh', age_d, grown.fresh * own * (1 + VARIES.plot * normalDraw(random)))),
    ...of('signs').map((age_d) => signsOf(file, plot, age_d)),
  ];
}

/** The first plots of a medium, in the order of the bench, that showed a sign at an age. */
function signsOf({ signs, blocks, species }: TrialFile, plot: TrialPlot, age_d: number): Reading {
  const nth = plot.block + blocks * species.findIndex(({ key }) => key === plot.species);
  const seen = signs.filter((one) => one.medium === plot.arm && one.age_d === age_d && nth <= one.plots);
  return {
    plotId: plot.id,
    plant: 0,
    trait: 'signs',
    age_d,
    signs: seen.map(({ sign }) => sign) as NonNullable<TrialReading['signs']>,
  };
}
