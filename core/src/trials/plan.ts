import type { TraitKey } from './traits';

/** What may differ between media besides themselves, each said in words or as a day. */
export const CIRCUMSTANCES = ['sownOn', 'variety', 'cover', 'light', 'feed', 'container', 'watering'] as const;
export type Circumstance = (typeof CIRCUMSTANCES)[number];
export const CIRCUMSTANCE_WORDS: Readonly<Record<Circumstance, string>> = {
  sownOn: 'day of sowing',
  variety: 'variety',
  cover: 'cover',
  light: 'light',
  feed: 'feed',
  container: 'container',
  watering: 'watering',
};

export interface TrialArm {
  readonly key: string;
  readonly name: string;
  /** `none`: grown without a medium, to hold the others against. */
  readonly mediumKind: 'blend' | 'lot' | 'none';
  readonly mediumId?: string;
  /** The version, where it is a blend. */
  readonly mediumN?: number;
  /** Where it is otherwise than the plan has it for all. */
  readonly own: Readonly<Partial<Record<Circumstance, string>>>;
}

export interface TrialSpecies {
  readonly key: string;
  readonly name: string;
  readonly variety?: string;
  /** Seeds sown in a plot. */
  readonly seeds: number;
  /** Plants of a plot that are read one by one. */
  readonly plants: number;
  /** Its part in the mean of the species. */
  readonly weight: number;
}

/** How a difference besides the medium stands: it weighs on all alike, it is accepted, or it is what the trial asks. */
export const SETTLED_HOW = ['balanced', 'accepted', 'asked'] as const;
export type SettledHow = (typeof SETTLED_HOW)[number];
export const SETTLED_WORDS: Readonly<Record<SettledHow, string>> = {
  balanced: 'it weighs on all alike',
  accepted: 'it is accepted',
  asked: 'it is what the trial asks',
};

export interface SettledDifference {
  readonly circumstance: Circumstance;
  readonly how: SettledHow;
  readonly words: string;
}

export interface Observation {
  readonly trait: TraitKey | 'signs';
  /** Days after sowing. */
  readonly ages: readonly number[];
}

export interface TrialPlan {
  readonly question: string;
  readonly arms: readonly TrialArm[];
  /** Key of the arm that the others are held against. */
  readonly reference: string;
  readonly species: readonly TrialSpecies[];
  readonly unit: 'pot' | 'cell' | 'tray';
  /** What a block is: a shelf, an end of the bench. */
  readonly blockIs: string;
  readonly blocks: number;
  /** Places of a block for one species, where fewer than there are media. */
  readonly perBlock?: number;
  readonly common: Readonly<Partial<Record<Circumstance, string>>> & { readonly sownOn: string };
  readonly settled: readonly SettledDifference[];
  readonly observe: readonly Observation[];
  /** A plot with fewer alive or up than so many at an age is dropped: said before it is sown. */
  readonly culling?: { readonly under: number; readonly age_d: number };
  /** Plants of each plot that are pulled to see their roots, drawn by lot. */
  readonly pull?: { readonly each: number; readonly age_d: number };
  /** What the answer rests on, how large a difference matters, and how much units of one medium are thought to vary. */
  readonly asks: { readonly trait: TraitKey; readonly difference: number; readonly sd: number };
  /** Days between readings that count as one age. */
  readonly within_d: number;
}

/** A circumstance as an arm has it: its own, or the common one. */
export const circumstanceOf = (
  plan: Pick<TrialPlan, 'common'>,
  arm: Pick<TrialArm, 'own'>,
  circumstance: Circumstance,
): string => arm.own[circumstance] ?? plan.common[circumstance] ?? '';

export const sownOn = (plan: Pick<TrialPlan, 'common'>, arm: Pick<TrialArm, 'own'>): string =>
  circumstanceOf(plan, arm, 'sownOn');

export interface ArmDifference {
  readonly circumstance: Circumstance;
  /** Each way that it is, with the media that have it so. */
  readonly ways: readonly { readonly is: string; readonly arms: readonly string[] }[];
  readonly settled?: SettledDifference;
}

/** Every difference besides the medium, with what was said of it. */
export function differencesOf(plan: TrialPlan): readonly ArmDifference[] {
  return CIRCUMSTANCES.flatMap((circumstance): ArmDifference[] => {
    const ways = new Map<string, string[]>();
    // What is grown without a medium is fed and held otherwise by its nature: it is shown beside, and told of nowhere else.
    for (const arm of plan.arms.filter(({ mediumKind }) => mediumKind !== 'none')) {
      const is = circumstanceOf(plan, arm, circumstance);
      ways.set(is, [...(ways.get(is) ?? []), arm.name]);
    }
    if (ways.size < 2) return [];
    const settled = plan.settled.find((one) => one.circumstance === circumstance);
    return [
      {
        circumstance,
        ways: [...ways].map(([is, arms]) => ({ is, arms })),
        ...(settled === undefined ? {} : { settled }),
      },
    ];
  });
}

/** Differences besides the medium of which nothing was said: until then nothing is put down to the medium. */
export const unsettled = (plan: TrialPlan): readonly ArmDifference[] =>
  differencesOf(plan).filter((one) => one.settled === undefined);

const byWord = (circumstance: Circumstance): string => CIRCUMSTANCE_WORDS[circumstance];

/** Why nothing can be put down to the medium; undefined where it can. */
export function notTheMedium(plan: TrialPlan): string | undefined {
  const open = unsettled(plan).map(({ circumstance }) => byWord(circumstance));
  if (open.length > 0)
    return `Nothing is put down to the medium: media differ in ${open.join(' and ')}. Remove it, balance it, or accept it in writing.`;
  const asked = differencesOf(plan).filter(({ settled }) => settled?.how === 'asked');
  if (asked.length > 0 && new Set(plan.arms.map(({ mediumId }) => mediumId)).size === 1)
    return `All stand in one medium: what differs is put down to ${asked.map(({ circumstance }) => byWord(circumstance)).join(' and ')}.`;
  return undefined;
}
