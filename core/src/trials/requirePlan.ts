import { refuse } from '../errors';
import { layout } from './layout';
import { CIRCUMSTANCES, SETTLED_HOW, type TrialPlan } from './plan';
import { TRAIT_KEYS, TRAITS } from './traits';
import { daysBetween } from './trialRecord';

/** How much a trial may hold; a year is the longest. */
export const TRIAL_LIMITS = Object.freeze({
  arms: 24,
  species: 4,
  blocks: 60,
  plots: 600,
  plants: 40,
  seeds: 2000,
  age_d: 400,
  agesOfTrait: 60,
  cells: 20_000,
});

function requireNames(path: string, all: readonly { readonly key: string; readonly name: string }[]): void {
  all.forEach(({ key, name }, i) => {
    if (all.findIndex((one) => one.key === key) !== i) refuse(`${path}[${String(i)}].key`, `${key} stands twice`);
    if (all.findIndex((one) => one.name.toLowerCase() === name.toLowerCase()) !== i)
      refuse(`${path}[${String(i)}].name`, `${name} stands twice; name each so that they are told apart`);
  });
}

function requireArms({ arms, reference, common }: TrialPlan): void {
  if (arms.length < 2) refuse('arms', 'compare two media or more');
  if (arms.length > TRIAL_LIMITS.arms) refuse('arms', `at most ${String(TRIAL_LIMITS.arms)} are compared`);
  requireNames('arms', arms);
  arms.forEach(({ mediumKind, mediumId, own }, i) => {
    if ((mediumKind === 'none') !== (mediumId === undefined))
      refuse(`arms[${String(i)}].mediumId`, 'name the lot or blend, or say that it has no medium');
    const from = own.sownOn ?? common.sownOn;
    if (Math.abs(daysBetween(common.sownOn, from)) > TRIAL_LIMITS.age_d)
      refuse(`arms[${String(i)}].own.sownOn`, 'sown over a year apart; that is another trial');
  });
  if (!arms.some(({ key }) => key === reference)) refuse('reference', 'the reference is one of the media');
  if (arms.every(({ mediumKind }) => mediumKind === 'none')) refuse('arms', 'at least one has a medium');
}

function requireSpecies({ species }: TrialPlan): void {
  if (species.length < 1) refuse('species', 'say what is sown');
  if (species.length > TRIAL_LIMITS.species) refuse('species', `at most ${String(TRIAL_LIMITS.species)} species`);
  requireNames('species', species);
  species.forEach(({ seeds, plants, weight }, i) => {
    const at = `species[${String(i)}]`;
    if (!Number.isInteger(seeds) || seeds < 1 || seeds > TRIAL_LIMITS.seeds)
      refuse(`${at}.seeds`, `sow from 1 to ${String(TRIAL_LIMITS.seeds)} seeds in each`);
    if (!Number.isInteger(plants) || plants < 0 || plants > TRIAL_LIMITS.plants)
      refuse(`${at}.plants`, `read from 0 to ${String(TRIAL_LIMITS.plants)} plants of each`);
    if (!(weight > 0)) refuse(`${at}.weight`, 'a weight lies above 0');
  });
}

/** How many plots of one species there are. */
const plotsOfOne = ({ arms, blocks, perBlock }: TrialPlan): number =>
  blocks * (perBlock === undefined ? arms.length : Math.min(perBlock, arms.length));

function requireLayout(plan: TrialPlan): void {
  const { arms, blocks, perBlock, species } = plan;
  if (!Number.isInteger(blocks) || blocks < 1 || blocks > TRIAL_LIMITS.blocks)
    refuse('blocks', `from 1 to ${String(TRIAL_LIMITS.blocks)} blocks`);
  if (plotsOfOne(plan) * species.length > TRIAL_LIMITS.plots)
    refuse('blocks', `at most ${String(TRIAL_LIMITS.plots)} places in all`);
  if (perBlock === undefined || perBlock >= arms.length) return;
  // Whether so few places link all media shows when it is tried; the plots are drawn anew when it is laid out.
  layout({ media: arms.map(({ key }) => key), blocks, perBlock, seed: 1 });
}

function requireObserved({ observe, species }: TrialPlan, plots: number): void {
  if (observe.length === 0) refuse('observe', 'say what is read, and when');
  const plants = Math.max(...species.map((one) => one.plants));
  let cells = 0;
  observe.forEach(({ trait, ages }, i) => {
    const at = `observe[${String(i)}]`;
    if (trait !== 'signs' && !TRAIT_KEYS.includes(trait)) refuse(`${at}.trait`, 'nobody reads that here');
    if (observe.findIndex((one) => one.trait === trait) !== i) refuse(`${at}.trait`, 'it stands twice');
    if (ages.length === 0 || ages.length > TRIAL_LIMITS.agesOfTrait)
      refuse(`${at}.ages`, `read it on 1 to ${String(TRIAL_LIMITS.agesOfTrait)} days`);
    ages.forEach((age, k) => {
      if (!Number.isInteger(age) || age < 0 || age > TRIAL_LIMITS.age_d)
        refuse(`${at}.ages[${String(k)}]`, `days after sowing, from 0 to ${String(TRIAL_LIMITS.age_d)}`);
      if (ages.indexOf(age) !== k) refuse(`${at}.ages[${String(k)}]`, `${String(age)} stands twice`);
    });
    const perPlant = trait !== 'signs' && TRAITS[trait].of === 'plant';
    if (perPlant && plants === 0) refuse(`${at}.trait`, 'no plant of a plot is read one by one; say how many are');
    cells += ages.length * plots * (perPlant ? plants : 1);
  });
  if (cells > TRIAL_LIMITS.cells)
    refuse('observe', `${String(cells)} readings in all; nobody takes over ${String(TRIAL_LIMITS.cells)}`);
}

function requireRules({ settled, culling, pull, asks, observe, species, within_d }: TrialPlan): void {
  settled.forEach(({ circumstance, how }, i) => {
    if (!CIRCUMSTANCES.includes(circumstance)) refuse(`settled[${String(i)}].circumstance`, 'that is none');
    if (!SETTLED_HOW.includes(how)) refuse(`settled[${String(i)}].how`, `one of ${SETTLED_HOW.join(', ')}`);
  });
  if (culling !== undefined && !(Number.isInteger(culling.under) && culling.under >= 1 && culling.age_d >= 1))
    refuse('culling.under', 'drop what has fewer than 1 or more up, at an age');
  const fewest = Math.min(...species.map(({ plants }) => plants));
  if (pull !== undefined && !(Number.isInteger(pull.each) && pull.each >= 1 && pull.each <= fewest))
    refuse('pull.each', `pull from 1 to the ${String(fewest)} plants that are read of a plot`);
  if (!TRAIT_KEYS.includes(asks.trait)) refuse('asks.trait', 'nobody reads that here');
  if (!observe.some(({ trait }) => trait === asks.trait)) refuse('asks.trait', 'what the answer rests on is not read');
  if (!(asks.difference > 0)) refuse('asks.difference', 'say how large a difference matters');
  if (!(asks.sd > 0)) refuse('asks.sd', 'say how much units of one medium are thought to vary');
  if (!(Number.isInteger(within_d) && within_d >= 0 && within_d <= 7)) refuse('within_d', 'from 0 to 7 days');
}

/** Refuses a plan that cannot be laid out or kept, at the field that is wrong. */
export function requirePlan(plan: TrialPlan): void {
  requireArms(plan);
  requireSpecies(plan);
  requireLayout(plan);
  requireObserved(plan, plotsOfOne(plan) * plan.species.length);
  requireRules(plan);
}

/** Refuses a reading that its trait cannot have, with a sentence for whoever typed it. */
export function requireTrialReading(
  plan: Pick<TrialPlan, 'species'>,
  species: string,
  {
    trait,
    plant,
    value,
    state,
    signs,
  }: {
    readonly trait: TrialPlan['observe'][number]['trait'];
    readonly plant: number;
    readonly value?: number;
    readonly state?: 'dead' | 'missing';
    readonly signs?: readonly string[];
  },
): void {
  const kind = plan.species.find(({ key }) => key === species);
  if (kind === undefined) refuse('plotId', 'its species is none of the plan');
  if (trait === 'signs') {
    if (signs === undefined && state === undefined) refuse('signs', 'say what was seen, or that nothing was');
    if (plant !== 0) refuse('plant', 'signs are of the plot as a whole');
    return;
  }
  const { of, range, isWhole, label } = TRAITS[trait];
  if (signs !== undefined) refuse('signs', 'signs are a reading of their own');
  if ((value === undefined) === (state === undefined)) refuse('value', 'give a value, or say dead or missing');
  if (of === 'plot' && plant !== 0) refuse('plant', `${label} is of the plot as a whole`);
  if (of === 'plant' && !(Number.isInteger(plant) && plant >= 1 && plant <= kind.plants))
    refuse('plant', `plants of this plot are numbered 1 to ${String(kind.plants)}`);
  if (value === undefined) return;
  const most = trait === 'up' ? kind.seeds : range[1];
  if (!(value >= range[0] && value <= most))
    refuse('value', `${label} lies between ${String(range[0])} and ${String(most)}`);
  if (isWhole === true && !Number.isInteger(value)) refuse('value', `${label} is a whole number`);
}
