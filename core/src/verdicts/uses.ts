import type { GrowthStage } from '../classes';

/** What a medium may be for, as far as verdicts tell uses apart. */
export const VERDICT_USES = ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'] as const;
export type VerdictUse = (typeof VERDICT_USES)[number];

export const VERDICT_USE_WORDS: Readonly<Record<VerdictUse, string>> = Object.freeze({
  containers: 'pots and containers',
  seed: 'seed trays and plugs',
  bed: 'a bed above ground',
  ground: 'open ground',
  lawn: 'a lawn',
  topDressing: 'top-dressing',
});

/** What can turn a verdict. */
export const CONDITIONS = ['dryClimate', 'wetGround', 'clayBelow', 'slowGrower', 'hungryPlant'] as const;
export type Condition = (typeof CONDITIONS)[number];

/** As they stand after "unless". */
export const CONDITION_WORDS: Readonly<Record<Condition, string>> = Object.freeze({
  dryClimate: 'the climate is dry',
  wetGround: 'the ground is wet',
  clayBelow: 'clay lies below',
  slowGrower: 'it is for something that grows slowly',
  hungryPlant: 'it is for an established, hungry plant',
});

/** From when on a plant stands it. */
export const STAGE_WORDS: Readonly<Record<GrowthStage, string>> = Object.freeze({
  seed: 'from seed on',
  young: 'from the rooted cutting on',
  established: 'for established plants only',
});

export const GRADES = ['good', 'bearable', 'not'] as const;
export type Grade = (typeof GRADES)[number];

/** What each use asks of a medium is near this use. */
const OF_PROFILE: Readonly<Record<string, VerdictUse>> = Object.freeze({ 'seed-plugs': 'seed', 'raised-bed': 'bed' });
const SHALLOW_cm = 5;

/** The use of verdicts that a target profile belongs to: its own, else seed in what is shallow, else containers. */
export const verdictUseOf = (profile: { readonly id: string; readonly height_cm: number }): VerdictUse =>
  OF_PROFILE[profile.id] ?? (profile.height_cm <= SHALLOW_cm ? 'seed' : 'containers');
