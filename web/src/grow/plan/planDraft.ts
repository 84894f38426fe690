import type { PlannedTrial } from '@bent-pail/contract';
import {
  CIRCUMSTANCES,
  TRAITS,
  type Circumstance,
  type SettledHow,
  type TraitKey,
  type TrialPlan,
} from '@bent-pail/core';
import { readAges, writeAges } from './ages';
import { Mistyped, typedNumber } from '../../shared/forms/Mistyped';

export interface DraftArm {
  readonly key: string;
  readonly name: string;
  /** `blend:ID` or `lot:ID`; `none` without a medium; empty until one is chosen. */
  readonly medium: string;
  readonly mediumN?: number;
  readonly own: Readonly<Partial<Record<Circumstance, string>>>;
}

export interface DraftSpecies {
  readonly key: string;
  readonly name: string;
  readonly variety: string;
  readonly seeds: string;
  readonly plants: string;
  readonly weight: string;
}

export interface DraftSettled {
  readonly how: SettledHow | '';
  readonly words: string;
}

/** A plan as it is typed. */
export interface PlanDraft {
  readonly name: string;
  readonly question: string;
  readonly arms: readonly DraftArm[];
  readonly reference: string;
  readonly species: readonly DraftSpecies[];
  readonly unit: TrialPlan['unit'];
  readonly blockIs: string;
  readonly blocks: string;
  readonly perBlock: string;
  readonly common: Readonly<Record<Circumstance, string>>;
  readonly settled: Readonly<Partial<Record<Circumstance, DraftSettled>>>;
  /** Days after sowing, as `1-10, 14`; empty: it is not read. */
  readonly observe: Readonly<Partial<Record<TraitKey | 'signs', string>>>;
  readonly culling: { readonly under: string; readonly age_d: string };
  readonly pull: { readonly each: string; readonly age_d: string };
  readonly asks: { readonly trait: TraitKey; readonly difference: string; readonly sd: string };
  readonly within_d: string;
}

/** What a block is called until somebody says otherwise. */
const BLOCK_NAME = 'shelf';

/** What a plan begins with: enough blocks to tell something, and a month of readings. */
export const emptyPlan = (sownOn: string): PlanDraft => ({
  name: '',
  question: '',
  arms: [
    { key: 'a', name: '', medium: '', own: {} },
    { key: 'b', name: '', medium: '', own: {} },
  ],
  reference: 'a',
  species: [{ key: 's1', name: '', variety: '', seeds: '12', plants: '6', weight: '1' }],
  unit: 'pot',
  blockIs: BLOCK_NAME,
  blocks: '5',
  perBlock: '',
  common: { sownOn, variety: '', cover: '', light: '', feed: '', container: '', watering: '' },
  settled: {},
  observe: { up: '3-10', height: '14, 21, 28', leaves: '21', colour: '21, 28', signs: '7, 14, 21, 28' },
  culling: { under: '', age_d: '' },
  pull: { each: '', age_d: '' },
  asks: { trait: 'height', difference: '10', sd: '6' },
  within_d: '0',
});

/** A letter, then two: keys of media in the order in which they were added. */
export function nextKey(used: readonly string[]): string {
  const letters = 'abcdefghijklmnopqrstuvwxyz';
  const all = [...letters, ...[...letters].map((letter) => `a${letter}`)];
  return all.find((key) => !used.includes(key)) ?? `x${String(used.length)}`;
}

const mediumOf = ({ mediumKind, mediumId }: TrialPlan['arms'][number]): string =>
  mediumId === undefined ? 'none' : `${mediumKind}:${mediumId}`;

/** A plan that is kept, as it is typed anew. */
export function draftOf(name: string, plan: TrialPlan): PlanDraft {
  const empty = emptyPlan(plan.common.sownOn);
  return {
    ...empty,
    name,
    question: plan.question,
    arms: plan.arms.map((arm) => ({
      key: arm.key,
      name: arm.name,
      medium: mediumOf(arm),
      own: arm.own,
      ...(arm.mediumN === undefined ? {} : { mediumN: arm.mediumN }),
    })),
    reference: plan.reference,
    species: plan.species.map(({ key, name: called, variety = '', seeds, plants, weight }) => ({
      key,
      name: called,
      variety,
      seeds: String(seeds),
      plants: String(plants),
      weight: String(weight),
    })),
    unit: plan.unit,
    blockIs: plan.blockIs,
    blocks: String(plan.blocks),
    perBlock: plan.perBlock === undefined ? '' : String(plan.perBlock),
    common: { ...empty.common, ...plan.common },
    settled: Object.fromEntries(plan.settled.map(({ circumstance, how, words }) => [circumstance, { how, words }])),
    observe: Object.fromEntries(plan.observe.map(({ trait, ages }) => [trait, writeAges(ages)])),
    culling: { under: String(plan.culling?.under ?? ''), age_d: String(plan.culling?.age_d ?? '') },
    pull: { each: String(plan.pull?.each ?? ''), age_d: String(plan.pull?.age_d ?? '') },
    asks: { trait: plan.asks.trait, difference: String(plan.asks.difference), sd: String(plan.asks.sd) },
    within_d: String(plan.within_d),
  };
}

const said = (all: Readonly<Partial<Record<Circumstance, string>>>): Partial<Record<Circumstance, string>> =>
  Object.fromEntries(
    CIRCUMSTANCES.flatMap((key) => {
      const words = all[key]?.trim() ?? '';
      return words === '' ? [] : [[key, words]];
    }),
  );

function armOf({ key, name, medium, mediumN, own }: DraftArm): PlannedTrial['arms'][number] {
  const [kind, id] = medium.split(':');
  if (medium === '') throw new Mistyped('arms', `Say what ${name === '' ? 'each of them' : name} grows in.`);
  const grown =
    kind === 'none' || id === undefined
      ? { mediumKind: 'none' as const }
      : { mediumKind: kind as 'blend' | 'lot', mediumId: id, ...(mediumN === undefined ? {} : { mediumN }) };
  return { key, name: name.trim(), ...grown, own: said(own) };
}

const twoOf = <A extends string>(typed: Readonly<Record<A | 'age_d', string>>, first: A, field: string) =>
  typed[first].trim() === ''
    ? undefined
    : { [first]: typedNumber(typed[first], `${field}.${first}`), age_d: typedNumber(typed.age_d, `${field}.age_d`) };

/** What is sent of what was typed; what cannot be read is `Mistyped` at its field. */
export function planOf(draft: PlanDraft): PlannedTrial {
  const culling = twoOf(draft.culling, 'under', 'culling') as PlannedTrial['culling'];
  const pull = twoOf(draft.pull, 'each', 'pull') as PlannedTrial['pull'];
  return {
    question: draft.question,
    arms: draft.arms.map(armOf),
    reference: draft.reference,
    species: draft.species.map(({ key, name, variety, seeds, plants, weight }, i) => ({
      key,
      name: name.trim(),
      ...(variety.trim() === '' ? {} : { variety: variety.trim() }),
      seeds: typedNumber(seeds, `species.${String(i)}.seeds`),
      plants: typedNumber(plants, `species.${String(i)}.plants`),
      weight: typedNumber(weight, `species.${String(i)}.weight`),
    })),
    unit: draft.unit,
    blockIs: draft.blockIs,
    blocks: typedNumber(draft.blocks, 'blocks'),
    ...(draft.perBlock.trim() === '' ? {} : { perBlock: typedNumber(draft.perBlock, 'perBlock') }),
    common: { ...said(draft.common), sownOn: draft.common.sownOn },
    settled: CIRCUMSTANCES.flatMap((circumstance) => {
      const one = draft.settled[circumstance];
      return one === undefined || one.how === '' || one.words.trim() === ''
        ? []
        : [{ circumstance, how: one.how, words: one.words.trim() }];
    }),
    observe: (['signs', ...Object.keys(TRAITS)] as (TraitKey | 'signs')[]).flatMap((trait) => {
      const ages = readAges(draft.observe[trait] ?? '', `observe.${trait}`);
      return ages.length === 0 ? [] : [{ trait, ages }];
    }),
    ...(culling === undefined ? {} : { culling }),
    ...(pull === undefined ? {} : { pull }),
    asks: {
      trait: draft.asks.trait,
      difference: typedNumber(draft.asks.difference, 'asks.difference'),
      sd: typedNumber(draft.asks.sd, 'asks.sd'),
    },
    within_d: typedNumber(draft.within_d, 'within_d'),
  };
}

/** As much of a plan as can be read of what is typed so far, for what is worked out beside it. */
export function planSoFar(draft: PlanDraft): TrialPlan | undefined {
  try {
    const arms = draft.arms.map((arm, i) => ({
      ...arm,
      name: arm.name === '' ? `Medium ${String(i + 1)}` : arm.name,
      medium: arm.medium === '' ? `lot:${arm.key}` : arm.medium,
    }));
    return planOf({ ...draft, arms });
  } catch (error) {
    if (error instanceof Mistyped) return undefined;
    throw error;
  }
}
