import { ACID_SHEET } from './acidSheet';
import { BAG_SHEET } from './bagSheet';
import { HAND_SHEET } from './handSheet';
import type { Lesson } from './lesson';
import { MIXING_SHEET } from './mixingSheet';
import { TABLE_WORDS } from './tableWords';

/** With what goes into pots: mixed, dipped into, poured out, felt. */
export const STUFF_LESSONS: readonly Lesson[] = [
  {
    key: 'two-parts',
    title: 'Two parts do not make two',
    aim: 'Find out how much is left when a coarse and a fine part are mixed.',
    minutes: 40,
    materials: [
      'a measure of one litre for each group',
      'a tray',
      'a coarse and a fine part of the medium',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'dust', 'germs'],
    samples: {
      least: 1,
      most: 2,
      say: 'A sample here is a pair: name the coarse part; the fine one is the same for all.',
    },
    repeats: 2,
    sheet: MIXING_SHEET,
    questions: [
      {
        ask: 'Where did the rest go?',
        figure: 'left',
        answer: 'Nowhere: the fine part fell into the gaps of the coarse one.',
      },
      {
        ask: 'You need ten litres of mix. How much of each part do you take?',
        figure: 'left',
        answer: 'Five divided by what is left as a part of one; more than five litres of each.',
      },
    ],
  },
  {
    key: 'acid',
    title: 'pH by colour and by pen',
    aim: 'Measure the acidity of a medium in two ways and say how sure each is.',
    minutes: 45,
    materials: [
      'strips with a colour card',
      'a pH pen that was checked with buffers today',
      'pure water',
      'a jar and a spoon for each group',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs', 'chemicals', 'electric'],
    samples: { least: 1, most: 4, say: 'Media that differ, such as peat and a loam mix, give more to talk about.' },
    repeats: 2,
    sheet: ACID_SHEET,
    questions: [
      {
        ask: 'How far apart were colour and pen?',
        figure: 'colour',
        answer: 'Half a pH or less is as good as a strip can be.',
      },
      { ask: 'Two media differ by one pH. How much more acid is the lower one?', figure: 'pen', answer: 'Ten times.' },
      {
        ask: 'Which plants want it that way?',
        answer: 'Heathers and camellias below 5.5, most others 5.5 to 6.5; it depends on the plant and on the water.',
      },
    ],
  },
  {
    key: 'which-bag',
    title: 'Which bag?',
    aim: 'Find the cheapest litre: what is really in a bag, and what it costs.',
    minutes: 45,
    materials: [
      'two or three bags of potting medium with their price tickets',
      'a pail with marks',
      'a sheet to pour on',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs', 'lifting'],
    samples: { least: 1, most: 4, say: 'Each bag is a sample.' },
    repeats: 1,
    sheet: BAG_SHEET,
    questions: [
      {
        ask: 'Which bag is the cheapest by the litre?',
        figure: 'perLitre',
        answer: 'The lowest price of a litre that is really in it, which need not be the cheapest bag.',
      },
      {
        ask: 'Is a bag that is not full of what its label says a cheat?',
        figure: 'ofLabel',
        answer: 'Not always: it settles on the way. Poured loose it may well be more than it looks.',
      },
    ],
  },
  {
    key: 'hand-and-eye',
    title: 'Hand and eye against the scale',
    aim: 'Train the hand: feel first, then measure.',
    minutes: 40,
    materials: [
      'a scale that shows grams',
      'a cup for each group',
      'a measuring jug',
      'a spray bottle',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs', 'electric'],
    samples: { least: 1, most: 4, say: 'A light, a heavy and a gritty one teach most.' },
    repeats: 1,
    sheet: HAND_SHEET,
    questions: [
      {
        ask: 'How far off was the guessed weight of a litre?',
        figure: 'density',
        answer: 'A tenth off is a good hand.',
      },
      {
        ask: 'Which sample had most grit?',
        figure: 'grit',
        answer: 'As the bench’s palm grit says; sand feels sharp, grit of pumice feels soft.',
      },
    ],
  },
];
