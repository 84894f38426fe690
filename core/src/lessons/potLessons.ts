import { GUESS_SHEET, JUG_SHEET } from './jugSheet';
import type { Lesson } from './lesson';
import { TABLE_WORDS } from './tableWords';
import { HEIGHT_SHEET, STONES_SHEET } from './twoPots';

/** With a pot and a jug. */
export const POT_LESSONS: readonly Lesson[] = [
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
];
