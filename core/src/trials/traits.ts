import { GROWTH_TAGS, SURFACE_SIGNS, type GrowthTag, type SurfaceSign } from '../signs';

/** What can be read of a plot or of each of its plants. */
export interface Trait {
  readonly label: string;
  /** Unit as printed; empty for counts and steps. */
  readonly unit: string;
  /** Whether each plant is read, or the plot as a whole. */
  readonly of: 'plot' | 'plant';
  readonly range: readonly [number, number];
  readonly digits: number;
  readonly isWhole?: true;
  /** Names of the steps from 1 on, for what is judged by a card. */
  readonly steps?: readonly string[];
  /** A dead plant counts as nothing harvested; elsewhere it has no value, and the dead are told beside. */
  readonly deadIs?: 0;
  readonly ask: string;
}

const trait = <const T extends Record<string, Trait>>(traits: T): Readonly<Record<keyof T & string, Trait>> =>
  Object.freeze(traits);

/** What the steps of a card are called, from 1 on. */
const STEP_NAMES = {
  colour: ['yellow', 'pale', 'light green', 'green', 'dark green', 'very dark'],
  lift: ['stuck', 'hard', 'fair', 'easy', 'falls out'],
  roots: ['bare', 'few roots', 'half held', 'holds', 'well filled'],
  shape: ['poor', 'passable', 'good'],
};

export const TRAITS = trait({
  up: {
    label: 'Seedlings up',
    unit: '',
    of: 'plot',
    range: [0, 2000],
    digits: 0,
    isWhole: true,
    ask: 'All that have come up so far, also those that died since.',
  },
  height: {
    label: 'Height',
    unit: 'mm',
    of: 'plant',
    range: [0, 5000],
    digits: 0,
    ask: 'From the surface to the growing tip, not pulled straight.',
  },
  leaves: {
    label: 'True leaves',
    unit: '',
    of: 'plant',
    range: [0, 500],
    digits: 0,
    isWhole: true,
    ask: 'Unfolded ones; seed leaves do not count.',
  },
  colour: {
    label: 'Leaf colour',
    unit: '',
    of: 'plot',
    range: [1, 6],
    digits: 1,
    steps: STEP_NAMES.colour,
    ask: 'The step of the printed card that the youngest full leaves are nearest to, in the same light each time.',
  },
  green: {
    label: 'Green of a photo',
    unit: '',
    of: 'plot',
    range: [0, 1.5],
    digits: 2,
    ask: 'From a patch that is marked in a photo: near 0 pale, near 1 dark.',
  },
  lift: {
    label: 'Ease of lifting',
    unit: '',
    of: 'plot',
    range: [1, 5],
    digits: 1,
    steps: STEP_NAMES.lift,
    ask: 'How the plug or plant comes out, held by the stem.',
  },
  roots: {
    label: 'Root ball',
    unit: '',
    of: 'plot',
    range: [1, 5],
    digits: 1,
    steps: STEP_NAMES.roots,
    ask: 'Of the plants that were drawn by lot, never the best one.',
  },
  fresh: {
    label: 'Fresh mass',
    unit: 'g',
    of: 'plot',
    range: [0, 100_000],
    digits: 1,
    deadIs: 0,
    ask: 'All that is cut from the plot on this day; a plot in which all died has 0.',
  },
  fruits: {
    label: 'Pieces harvested',
    unit: '',
    of: 'plot',
    range: [0, 10_000],
    digits: 0,
    isWhole: true,
    deadIs: 0,
    ask: 'Heads, pods, roots or fruits taken on this day.',
  },
  shape: {
    label: 'Shape',
    unit: '',
    of: 'plot',
    range: [1, 3],
    digits: 1,
    steps: STEP_NAMES.shape,
    ask: 'Of what was harvested, as a buyer would sort it.',
  },
});
export type TraitKey =
  | 'up'
  | 'height'
  | 'leaves'
  | 'colour'
  | 'green'
  | 'lift'
  | 'roots'
  | 'fresh'
  | 'fruits'
  | 'shape';
export const TRAIT_KEYS = Object.keys(TRAITS) as readonly TraitKey[];

export type TrialSign = GrowthTag | SurfaceSign;
export const TRIAL_SIGNS = [
  ...(Object.keys(GROWTH_TAGS) as GrowthTag[]),
  ...(Object.keys(SURFACE_SIGNS) as SurfaceSign[]),
] as const satisfies readonly TrialSign[];
export const signTells = (sign: TrialSign): string => ({ ...GROWTH_TAGS, ...SURFACE_SIGNS })[sign];
