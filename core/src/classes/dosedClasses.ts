import { CoreError } from '../errors';

/** From least to most, mass fractions of the stuff in percent, elements. */
export type PercentRange = readonly [number, number];

/** How far a plant is: what it bears grows with it. */
export const GROWTH_STAGES = ['seed', 'young', 'established'] as const;
export type GrowthStage = (typeof GROWTH_STAGES)[number];

/** A stuff that is dosed by weight, never poured by volume. Guidance until the own label or a laboratory says. */
export interface DosedClass {
  readonly id: string;
  readonly label: string;
  readonly n_percent: PercentRange;
  readonly p_percent: PercentRange;
  readonly k_percent: PercentRange;
  /** Grams that a closed handful holds, from a small hand to a large one, until somebody weighs theirs. */
  readonly handful_g: PercentRange;
  /** The most that is mixed into a litre of medium, g, by stage; 0 is none. */
  readonly most_gPerL: Readonly<Record<GrowthStage, number>>;
  /** Acid that a gram neutralises, meq; negative for what makes sour. */
  readonly lime_meqPerG: number;
  /** Salt that a gram frees in the first days, as a rise of EC of the drained water, dS/m for 1 g/L. */
  readonly salt_dSmPerGPerL: number;
  /** What is to be known before it is handled; plain sentences, with the usual cautions. */
  readonly hazards: readonly string[];
  readonly basis: string;
}

const TABLES = 'Ranges of usual fertiliser and feed tables; doses are bench practice for containers. Follow the label.';
const DUST = 'Its dust irritates lungs and eyes: damp it, stay upwind, wear a fitted respirator.';
const PETS = 'It draws dogs and other animals and can make them ill: mix it in at once, keep the bag closed.';
const MICROBES = 'Do not breathe the powder in; not for people with weak immunity.';
const CONCENTRATE = 'A concentrate: gloves and goggles, labelled, locked from children.';

const none: PercentRange = [0, 0];

/** What is dosed, in the order of the table. */
export const DOSED_CLASSES: readonly DosedClass[] = [
  {
    id: 'seed-cake',
    label: 'Seed cake or meal (neem, mustard, groundnut, cotton, soya, castor)',
    n_percent: [4, 8],
    p_percent: [0.4, 1.2],
    k_percent: [0.8, 1.8],
    handful_g: [25, 50],
    most_gPerL: { seed: 0, young: 1, established: 3 },
    lime_meqPerG: -0.2,
    salt_dSmPerGPerL: 0.08,
    hazards: [
      'Castor cake holds ricin: a cake that nobody can name is refused, and one cake never stands in for another.',
      PETS,
      'It heats and frees ammonia for two weeks: let the mix rest before planting.',
    ],
    basis: TABLES,
  },
  {
    id: 'bone-meal',
    label: 'Bone meal',
    n_percent: [1, 5],
    p_percent: [6, 13],
    k_percent: none,
    handful_g: [40, 70],
    most_gPerL: { seed: 1, young: 2, established: 4 },
    lime_meqPerG: 3,
    salt_dSmPerGPerL: 0.02,
    hazards: [PETS, DUST, 'Only steamed or sterilised bone meal: gloves, wash hands.'],
    basis: TABLES,
  },
  {
    id: 'horn-meal',
    label: 'Hoof and horn',
    n_percent: [10, 15],
    p_percent: [0, 1],
    k_percent: none,
    handful_g: [25, 45],
    most_gPerL: { seed: 0, young: 1, established: 3 },
    lime_meqPerG: -0.3,
    salt_dSmPerGPerL: 0.03,
    hazards: [PETS, DUST],
    basis: TABLES,
  },
  {
    id: 'blood-meal',
    label: 'Dried blood',
    n_percent: [11, 14],
    p_percent: [0, 1],
    k_percent: [0, 1],
    handful_g: [30, 50],
    most_gPerL: { seed: 0, young: 0.5, established: 1.5 },
    lime_meqPerG: -0.5,
    salt_dSmPerGPerL: 0.1,
    hazards: [PETS, DUST],
    basis: TABLES,
  },
  {
    id: 'feather-meal',
    label: 'Feather meal',
    n_percent: [11, 15],
    p_percent: none,
    k_percent: none,
    handful_g: [20, 40],
    most_gPerL: { seed: 0, young: 1, established: 2 },
    lime_meqPerG: -0.3,
    salt_dSmPerGPerL: 0.03,
    hazards: [PETS, DUST],
    basis: TABLES,
  },
  {
    id: 'fish-meal',
    label: 'Fish meal; fish, blood and bone',
    n_percent: [5, 10],
    p_percent: [2, 5],
    k_percent: [0, 5],
    handful_g: [30, 55],
    most_gPerL: { seed: 0, young: 1, established: 3 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0.12,
    hazards: [PETS, DUST],
    basis: TABLES,
  },
  {
    id: 'wood-ash',
    label: 'Wood ash',
    n_percent: none,
    p_percent: [0.5, 2],
    k_percent: [2, 8],
    handful_g: [25, 50],
    most_gPerL: { seed: 0, young: 1, established: 2 },
    lime_meqPerG: 9,
    salt_dSmPerGPerL: 0.2,
    hazards: [
      'Strongly alkaline: gloves, goggles, no wind. Never with ammonium fertiliser or fresh manure.',
      'Only from clean wood: paint, preservative, coal and lighter fluid leave poisons. Not for food crops if in doubt.',
    ],
    basis: TABLES,
  },
  {
    id: 'gypsum',
    label: 'Gypsum',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [50, 90],
    most_gPerL: { seed: 1, young: 2, established: 4 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0.5,
    hazards: [DUST],
    basis: 'Calcium sulphate dihydrate; a saturated solution is about 2.2 dS/m, so that dose adds no more than that.',
  },
  {
    id: 'dolomite',
    label: 'Dolomite, ground',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [60, 100],
    most_gPerL: { seed: 4, young: 6, established: 8 },
    lime_meqPerG: 20,
    salt_dSmPerGPerL: 0,
    hazards: ['Never with ammonium fertiliser or fresh manure.', DUST],
    basis: 'CaMg(CO3)2, 21.7 meq/g when pure, about 20 as sold; the dose is what the pH asks for.',
  },
  {
    id: 'lime-ground',
    label: 'Ground limestone',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [60, 100],
    most_gPerL: { seed: 4, young: 6, established: 8 },
    lime_meqPerG: 19,
    salt_dSmPerGPerL: 0,
    hazards: [
      'Only ground limestone: quicklime and hydrated lime burn eyes and skin.',
      'Never with ammonium fertiliser or fresh manure.',
      DUST,
    ],
    basis: 'CaCO3, 20 meq/g when pure, about 19 as sold; the dose is what the pH asks for.',
  },
  {
    id: 'rock-dust',
    label: 'Rock dust (basalt, granite)',
    n_percent: none,
    p_percent: [0, 0.3],
    k_percent: [0, 3],
    handful_g: [60, 110],
    most_gPerL: { seed: 5, young: 10, established: 20 },
    lime_meqPerG: 0.5,
    salt_dSmPerGPerL: 0,
    hazards: ['Crystalline silica dust harms lungs for life: wet it first, fitted respirator.'],
    basis: 'It weathers over years; counted as no food.',
  },
  {
    id: 'rock-phosphate',
    label: 'Rock phosphate',
    n_percent: none,
    p_percent: [8, 15],
    k_percent: none,
    handful_g: [60, 100],
    most_gPerL: { seed: 1, young: 2, established: 4 },
    lime_meqPerG: 4,
    salt_dSmPerGPerL: 0,
    hazards: [DUST],
    basis: TABLES,
  },
  {
    id: 'feed-coated',
    label: 'Coated (controlled release) feed',
    n_percent: [10, 20],
    p_percent: [2, 7],
    k_percent: [6, 12],
    handful_g: [45, 75],
    most_gPerL: { seed: 0.5, young: 2, established: 5 },
    lime_meqPerG: -0.5,
    salt_dSmPerGPerL: 0.1,
    hazards: [
      'Prills look like sweets: away from toddlers and animals.',
      'Never heat or steam a mix that holds it, nor store it damp: the coat gives all at once.',
    ],
    basis: 'Ranges of labels of several kinds; the release time stands on the label.',
  },
  {
    id: 'feed-mineral',
    label: 'Base feed, not coated (powder or granules)',
    n_percent: [5, 20],
    p_percent: [2, 10],
    k_percent: [5, 20],
    handful_g: [45, 80],
    most_gPerL: { seed: 0.3, young: 1, established: 2 },
    lime_meqPerG: -0.7,
    salt_dSmPerGPerL: 0.9,
    hazards: ['Fertiliser salts never meet acids or bleach.', CONCENTRATE],
    basis: TABLES,
  },
  {
    id: 'feed-organic',
    label: 'Pelleted organic feed (poultry manure and others)',
    n_percent: [3, 6],
    p_percent: [0.8, 2.5],
    k_percent: [1, 4],
    handful_g: [35, 60],
    most_gPerL: { seed: 0, young: 1.5, established: 5 },
    lime_meqPerG: 1,
    salt_dSmPerGPerL: 0.15,
    hazards: ['Germs and dust: gloves, damp it, wash hands.', PETS],
    basis: TABLES,
  },
  {
    id: 'kelp-meal',
    label: 'Kelp or seaweed meal',
    n_percent: [0.8, 2],
    p_percent: [0.1, 0.5],
    k_percent: [1, 5],
    handful_g: [25, 50],
    most_gPerL: { seed: 0.5, young: 2, established: 4 },
    lime_meqPerG: 0.5,
    salt_dSmPerGPerL: 0.25,
    hazards: [DUST],
    basis: TABLES,
  },
  {
    id: 'inoculant',
    label: 'Inoculant (mycorrhiza, bacteria, fungi)',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [20, 50],
    most_gPerL: { seed: 2, young: 2, established: 2 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0,
    hazards: [MICROBES],
    basis: 'By its label; counted as no food.',
  },
  {
    id: 'gel',
    label: 'Water-holding gel, dry crystals',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [30, 60],
    most_gPerL: { seed: 0, young: 1, established: 2 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0,
    hazards: ['Beads swell and choke: away from toddlers and animals; spills are slippery.'],
    basis: 'Above 2 g/L it lifts the medium out of the pot; what it holds depends on the water’s salts.',
  },
  {
    id: 'wetting-agent',
    label: 'Wetting agent',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [30, 60],
    most_gPerL: { seed: 0.3, young: 0.5, established: 1 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0,
    hazards: [CONCENTRATE, 'Harmful to fish and frogs: none into drains or ponds.'],
    basis: 'By its label.',
  },
  {
    id: 'sulphur',
    label: 'Sulphur',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [40, 80],
    most_gPerL: { seed: 0.3, young: 0.6, established: 1 },
    lime_meqPerG: -62,
    salt_dSmPerGPerL: 0,
    hazards: ['Its dust burns and explodes: no flame, no spark; goggles, no wind.'],
    basis: '62 meq/g when all of it is oxidised, over weeks; the dose is what the pH asks for.',
  },
  {
    id: 'iron-sulphate',
    label: 'Iron sulphate',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [50, 90],
    most_gPerL: { seed: 0, young: 0.5, established: 1 },
    lime_meqPerG: -7,
    salt_dSmPerGPerL: 0.6,
    hazards: [CONCENTRATE, 'It stains stone and cloth.'],
    basis: 'FeSO4·7H2O; two equivalents of acid a mole when its iron is oxidised and falls out.',
  },
  {
    id: 'epsom-salt',
    label: 'Epsom salt',
    n_percent: none,
    p_percent: none,
    k_percent: none,
    handful_g: [50, 90],
    most_gPerL: { seed: 0, young: 0.5, established: 1 },
    lime_meqPerG: 0,
    salt_dSmPerGPerL: 0.7,
    hazards: [CONCENTRATE],
    basis: 'MgSO4·7H2O, free salt.',
  },
];

const byId = new Map(DOSED_CLASSES.map((one) => [one.id, one]));

/** The dosed class with this id, or undefined. */
export const findDosedClass = (id: string): DosedClass | undefined => byId.get(id);

/** The dosed class with this id; throws `unknown` at `path` otherwise. */
export function dosedClassById(id: string, path: string): DosedClass {
  const found = byId.get(id);
  if (found === undefined)
    throw new CoreError('unknown', path, `nothing that is dosed is called "${id}"; for example "bone-meal"`);
  return found;
}
