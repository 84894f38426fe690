import type { MediaGroup } from './groups';

/** The numbers of a blend that schools speak of. Shares are of the loose volume. */
export interface SchoolFacts {
  readonly air: number;
  readonly water: number;
  readonly easilyAvailable: number;
  readonly bulkDensity_gcc: number;
  readonly days: number;
  readonly ec_dSm?: number;
  readonly cec_meqPerL?: number;
  readonly drawdown_mgL: number;
  readonly mineralShare: number;
  readonly fibreShare: number;
  readonly compostShare: number;
  readonly loamShare: number;
  readonly holderShare: number;
  readonly minedShare: number;
  readonly decay_perYear?: number;
}

export type FactKey = keyof SchoolFacts;

/** A sentence that turns where a number crosses its limit; `#` stands for the number. */
export interface Statement {
  readonly fact: FactKey;
  readonly limit: number;
  readonly atLeast: string;
  readonly under: string;
  /** Which side the school likes. */
  readonly likes: 'atLeast' | 'under';
}

/** A way of thinking about media that has its followers; no side is taken. */
export interface School {
  readonly key: string;
  readonly name: string;
  /** What it values, in its own spirit. */
  readonly values: string;
  readonly statements: readonly Statement[];
  /** A blend as it would mix it: shares by kind of component. */
  readonly mix: readonly { readonly groups: readonly MediaGroup[]; readonly share: number }[];
}

/** The schools, in no order of worth. */
export const SCHOOLS: readonly School[] = [
  {
    key: 'open-mineral',
    name: 'Open mineral blends',
    values: 'Air that never fails and grains that never rot; water and feed are given little and often.',
    statements: [
      {
        fact: 'air',
        limit: 0.25,
        likes: 'atLeast',
        atLeast: 'Air of # keeps roots breathing even when it is watered by mistake.',
        under: 'Air of # is too close; one wet week and the roots at the base stand in water.',
      },
      {
        fact: 'mineralShare',
        limit: 0.6,
        likes: 'atLeast',
        atLeast: '# of it is stone and stays what it is for years.',
        under: 'Only # of it is stone; the rest will sink and close with time.',
      },
      {
        fact: 'decay_perYear',
        limit: 0.08,
        likes: 'under',
        atLeast: 'Its parts lose about # of themselves in a year, and the air with them.',
        under: 'Losing about # of itself in a year, it keeps its structure.',
      },
    ],
    mix: [
      { groups: ['mineral'], share: 0.75 },
      { groups: ['bark', 'coir', 'peat'], share: 0.25 },
    ],
  },
  {
    key: 'fibre',
    name: 'Peat or coir blends',
    values: 'Even, light, forgiving: much water that roots can take, the same in every cell.',
    statements: [
      {
        fact: 'easilyAvailable',
        limit: 0.2,
        likes: 'atLeast',
        atLeast: '# of the volume is water that roots take without effort; that is what a base is for.',
        under: 'Only # of the volume is easily taken water; it will want watering when nobody has time.',
      },
      {
        fact: 'bulkDensity_gcc',
        limit: 0.3,
        likes: 'under',
        atLeast: 'At # g/mL dry it is heavy to ship, lift and mix.',
        under: 'At # g/mL dry a tray of it is light to carry.',
      },
      {
        fact: 'fibreShare',
        limit: 0.5,
        likes: 'atLeast',
        atLeast: '# peat or coir makes it even from pot to pot.',
        under: 'With # peat or coir it depends on what the other parts happen to be.',
      },
    ],
    mix: [
      { groups: ['peat', 'coir'], share: 0.75 },
      { groups: ['mineral'], share: 0.25 },
    ],
  },
  {
    key: 'compost',
    name: 'Compost-rich blends',
    values: 'Food that comes by itself, from living matter, and waste put to use.',
    statements: [
      {
        fact: 'compostShare',
        limit: 0.25,
        likes: 'atLeast',
        atLeast: 'With # compost it feeds by itself for weeks.',
        under: 'With # compost it is a bed without a meal: everything must come from a bottle.',
      },
      {
        fact: 'ec_dSm',
        limit: 1.2,
        likes: 'under',
        atLeast: 'An EC of # dS/m is more than seedlings bear; less of it, or older.',
        under: 'An EC of # dS/m is food, not yet salt.',
      },
      {
        fact: 'drawdown_mgL',
        limit: 60,
        likes: 'under',
        atLeast: 'Raw parts will take up # mg/L of nitrogen first; compost them before.',
        under: 'Decay takes no more than # mg/L of nitrogen; the plant gets the rest.',
      },
    ],
    mix: [
      { groups: ['compost'], share: 0.4 },
      { groups: ['bark', 'coir', 'wood', 'peat'], share: 0.35 },
      { groups: ['mineral'], share: 0.25 },
    ],
  },
  {
    key: 'loam',
    name: 'Loam-rich blends, watered rarely',
    values: 'Weight, reserve and patience: a pot that stands in the wind and waits for the can.',
    statements: [
      {
        fact: 'loamShare',
        limit: 0.3,
        likes: 'atLeast',
        atLeast: '# loam gives it body and a memory for food.',
        under: '# loam is not enough to hold anything back for a dry week.',
      },
      {
        fact: 'days',
        limit: 4,
        likes: 'atLeast',
        atLeast: 'It lasts # days between waterings.',
        under: 'It lasts # days; who waters rarely loses the plant.',
      },
      {
        fact: 'cec_meqPerL',
        limit: 100,
        likes: 'atLeast',
        atLeast: 'At # meq/L it keeps what it is fed.',
        under: 'At # meq/L feed runs through it with the water.',
      },
    ],
    mix: [
      { groups: ['loam'], share: 0.45 },
      { groups: ['compost', 'peat', 'coir'], share: 0.25 },
      { groups: ['mineral'], share: 0.3 },
    ],
  },
  {
    key: 'no-holder',
    name: 'Nothing added to hold water',
    values: 'Water is held by the right grain, not by vermiculite, clays or wool; fewer things to buy and to go wrong.',
    statements: [
      {
        fact: 'holderShare',
        limit: 0.02,
        likes: 'under',
        atLeast: '# of it is there only to hold water; leave it out and water a day sooner.',
        under: 'With # of water holders there is nothing in it that the grains could not do.',
      },
      {
        fact: 'water',
        limit: 0.4,
        likes: 'atLeast',
        atLeast: 'It holds # of its volume as water without any help.',
        under: 'It holds # of its volume as water; a finer grain would do more than an additive.',
      },
    ],
    mix: [
      { groups: ['coir', 'bark', 'peat', 'compost'], share: 0.6 },
      { groups: ['mineral'], share: 0.4 },
    ],
  },
  {
    key: 'renewable',
    name: 'Nothing dug',
    values: 'What grows again within a grower’s life; performance is to be found within that.',
    statements: [
      {
        fact: 'minedShare',
        limit: 0.1,
        likes: 'under',
        atLeast: '# of it was dug out of the ground and will not grow back soon.',
        under: 'Only # of it was dug.',
      },
      {
        fact: 'air',
        limit: 0.15,
        likes: 'atLeast',
        atLeast: 'With air of # it does without stone well enough.',
        under: 'Air of # asks for something coarser: chips or chunks of bark before stone.',
      },
    ],
    mix: [
      { groups: ['bark', 'wood'], share: 0.5 },
      { groups: ['coir'], share: 0.35 },
      { groups: ['compost'], share: 0.15 },
    ],
  },
];
