import { ACID_SHEET } from './acidSheet';
import { BAG_SHEET } from './bagSheet';
import { HAND_SHEET } from './handSheet';
import { GUESS_SHEET, JUG_SHEET } from './jugSheet';
import type { Lesson } from './lesson';
import { MIXING_SHEET } from './mixingSheet';
import { HEIGHT_SHEET, STONES_SHEET } from './twoPots';

/** For every group, whatever it does with stuff. */
const TABLE_WORDS = ['newspaper or a tray under everything', 'a cloth', 'gloves and goggles for everybody'];

/** Lessons that ship, each of about fifty minutes, without an oven. */
export const LESSONS: readonly Lesson[] = Object.freeze([
  {
    key: 'air-and-water',
    title: 'Air and water with a jug',
    aim: 'Find out how much of a full pot is water and how much is air once it has stopped dripping.',
    minutes: 50,
    materials: [
      'a pot with holes that can be closed, for each group',
      'a measuring jug',
      'water',
      'two litres of stuff a group',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs'],
    samples: {
      least: 1,
      most: 3,
      say: 'One medium for all shows how far groups lie apart; two or three let them compare.',
    },
    repeats: 2,
    sheet: JUG_SHEET,
    questions: [
      {
        ask: 'How much of the pot was air after draining?',
        figure: 'air',
        answer: 'The water that ran out over the volume of the pot. Within the class’s band is right.',
      },
      {
        ask: 'Why is “water held” only “at least”?',
        figure: 'held',
        answer: 'What was wet before counts as nothing poured in: a moist medium holds more than this says.',
      },
      {
        ask: 'Where in the pot is the water that stayed?',
        answer: 'Most at the bottom: just above the holes nearly every pore is full.',
      },
    ],
  },
  {
    key: 'pot-height',
    title: 'Why pot height matters',
    aim: 'See that the same stuff holds more air in a tall pot than in a low one.',
    minutes: 50,
    materials: [
      'a low, wide pot and a tall, narrow one for each group, of about the same volume',
      'a measuring jug',
      'water',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs'],
    samples: { least: 1, most: 2, say: 'A fine medium shows it best.' },
    repeats: 1,
    sheet: HEIGHT_SHEET,
    questions: [
      {
        ask: 'Which pot has more air, and by how much?',
        figure: 'tallAir',
        answer:
          'The tall one. Both have a wet layer of the same height at the bottom; in the tall pot there is more above it.',
      },
      {
        ask: 'What happens to a seedling tray of two centimetres?',
        figure: 'lowAir',
        answer: 'It is nearly all wet layer: it wants a coarser medium or care with the can.',
      },
    ],
  },
  {
    key: 'gravel',
    title: 'Does gravel help?',
    aim: 'Test the old advice to put stones at the bottom of a pot.',
    minutes: 50,
    materials: [
      'two equal pots for each group',
      'washed stones of 1 to 2 cm',
      'a measuring jug',
      'water',
      ...TABLE_WORDS,
    ],
    cautions: ['pupils', 'germs'],
    samples: { least: 1, most: 2, say: 'One medium for all.' },
    repeats: 1,
    sheet: STONES_SHEET,
    questions: [
      {
        ask: 'Did a litre of stuff over stones hold less water than one without?',
        figure: 'stonesHeld',
        answer: 'No, as a rule more: the wet layer stands on top of the stones, and there is less stuff above it.',
      },
      {
        ask: 'What are stones at the bottom good for, then?',
        answer: 'For weight, and for keeping a hole clear. Not for air at the roots.',
      },
    ],
  },
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
    key: 'guess-measure-explain',
    title: 'Guess, measure, explain',
    aim: 'Say how sure one is before measuring, then find out why groups differ.',
    minutes: 50,
    materials: ['a pot with holes that can be closed, for each group', 'a measuring jug', 'water', ...TABLE_WORDS],
    cautions: ['pupils', 'germs'],
    samples: {
      least: 1,
      most: 1,
      say: 'One medium that the bench has measured, so that there is something to compare with.',
    },
    repeats: 2,
    sheet: GUESS_SHEET,
    questions: [
      {
        ask: 'Was your guess near? Was it honest?',
        figure: 'air',
        answer: 'Near: the guess itself was close. Honest: the value lies within the margin that was given.',
      },
      {
        ask: 'Your value differs from the others’. What was done differently?',
        figure: 'air',
        answer:
          'Packing, soaking, draining, a jug that was not empty, water above the surface: the readings rule some of them out.',
      },
      {
        ask: 'How far may two groups differ before it means something?',
        figure: 'air',
        answer: 'By no more than R: two results of different groups differ by more only once in twenty.',
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
]);

export const lessonCalled = (key: string): Lesson | undefined => LESSONS.find((lesson) => lesson.key === key);
