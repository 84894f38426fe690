import { property } from '../properties';
import { judgedStep, readStep } from '../protocols';
import type { PupilSheet } from './lesson';

const GRIT = property('palmGrit').classes ?? [];
const SQUEEZE = property('squeeze').classes ?? [];

/** What the hand says, then the scale. */
export const HAND_SHEET: PupilSheet = {
  key: 'hand',
  steps: [
    judgedStep(GRIT, {
      key: 'grit',
      label: 'Grit in the palm',
      say: 'Rub a wet pinch in your palm. How much of it is gritty?',
      why: 'The palm feels sand better than the eye sees it.',
      picture: 'hand',
      caution: 'germs',
    }),
    judgedStep(SQUEEZE, {
      key: 'squeeze',
      label: 'Squeezed hard',
      say: 'Moisten a handful until it just holds, squeeze it once, open your hand, touch it with a finger.',
      why: 'A pot wants a crumble at a touch.',
      picture: 'hand',
    }),
    readStep('weigh', {
      key: 'cup',
      label: 'The cup, empty',
      say: 'Weigh the empty cup.',
      why: 'It comes off.',
      picture: 'scale-empty',
      bounds: [0, 5000],
      caution: 'electric',
    }),
    readStep('weigh', {
      key: 'full',
      label: 'The cup, full',
      say: 'Fill it, tap it three times, strike it off level, weigh it.',
      why: 'Two kinds of stuff side by side are told apart by this in a minute.',
      picture: 'scale-full',
      bounds: [0, 20000],
    }),
    readStep('volume', {
      key: 'volume',
      label: 'How much the cup holds',
      say: 'Fill the cup with water to the brim, pour it into the jug, read the jug.',
      why: 'Weight and volume make the density.',
      picture: 'jug',
      bounds: [20, 5000],
    }),
  ],
  figures: [
    {
      key: 'density',
      label: 'Weight of a litre',
      unit: 'g/mL',
      digits: 2,
      from: { add: ['full'], take: ['cup'], per: ['volume'] },
      bench: 'heft_gcc',
      guess: [0, 3],
      says: 'grams to a millilitre, as it came.',
    },
    {
      key: 'grit',
      label: 'Grit in the palm',
      unit: '',
      digits: 0,
      read: 'grit',
      classes: GRIT,
      bench: 'palmGrit',
      says: 'by the palm.',
    },
    {
      key: 'squeeze',
      label: 'Squeezed',
      unit: '',
      digits: 0,
      read: 'squeeze',
      classes: SQUEEZE,
      bench: 'squeeze',
      says: 'in the fist.',
    },
  ],
  doubts: ({ cup, full, volume }) =>
    cup !== undefined && full !== undefined && volume !== undefined && (full <= cup || (full - cup) / volume > 2.5)
      ? [
          {
            code: 'odd-weight',
            severity: 'caution',
            message: 'That weighs like nothing, or like lead. Weigh the cup empty and full again.',
          },
        ]
      : [],
  handlings: [
    { key: 'tare', words: 'did not take the cup off, or took it off twice', moves: { density: 'high' } },
    { key: 'pressed', words: 'pressed the stuff into the cup', moves: { full: 'high', density: 'high' } },
    { key: 'wet', words: 'took it from a wetter part of the bag', moves: { full: 'high', density: 'high' } },
    { key: 'hollow', words: 'filled the cup without tapping it', moves: { full: 'low', density: 'low' } },
    { key: 'dry', words: 'rubbed or squeezed it while it was too dry', moves: { squeeze: 'low', grit: 'high' } },
  ],
};
