import type { Check } from '../errors';
import { readStep, waitStep } from '../protocols';
import type { PupilSheet } from './lesson';

/** pH by a colour card and by a pen. */
export const ACID_SHEET: PupilSheet = {
  key: 'acid',
  steps: [
    waitStep(
      { name: 'standing', minutes: 10 },
      {
        key: 'stand',
        label: 'Stir, then let it stand',
        say: 'One cup of stuff, five cups of pure water. Stir for a minute, press start.',
        why: 'The water takes on the acidity of the stuff.',
        picture: 'jar',
        caution: 'germs',
      },
    ),
    readStep('pH', {
      key: 'colour',
      label: 'pH by colour',
      say: 'Dip the strip, wait as long as its packet says, hold it beside the card. Halves are allowed.',
      why: 'An eye tells half a pH apart, seldom less.',
      picture: 'eye',
      bounds: [2, 11],
    }),
    readStep('pH', {
      key: 'pen',
      label: 'pH by pen',
      say: 'Rinse the pen with pure water, dip it, wait until it stands still.',
      why: 'A pen tells a tenth apart, where it was checked with a buffer today.',
      picture: 'pen',
      bounds: [2, 11],
      caution: 'chemicals',
    }),
  ],
  figures: [
    {
      key: 'pen',
      label: 'pH by pen',
      unit: '',
      digits: 1,
      read: 'pen',
      bench: 'pH',
      guess: [2, 11],
      says: 'by the pen: below 7 is acid, each step is ten times.',
    },
    { key: 'colour', label: 'pH by colour', unit: '', digits: 1, read: 'colour', bench: 'pH', says: 'by the colour.' },
  ],
  doubts: ({ colour, pen }) => {
    const checks: Check[] = [];
    if (colour !== undefined && pen !== undefined && Math.abs(colour - pen) > 1.5)
      checks.push({
        code: 'two-ways',
        severity: 'caution',
        message: 'Colour and pen lie far apart. Rinse the pen, dip a new strip, read both again.',
      });
    return checks;
  },
  handlings: [
    { key: 'tap', words: 'took tap water, which is often alkaline', moves: { pen: 'high', colour: 'high' } },
    {
      key: 'buffer',
      words: 'used a pen that was not checked with a buffer, or not rinsed after it',
      moves: { pen: 'high' },
    },
    { key: 'unsettled', words: 'read the pen before it stood still', moves: { pen: 'low' } },
    { key: 'short', words: 'read at once instead of after ten minutes', moves: { pen: 'high' }, shortens: 'stand' },
    {
      key: 'stained',
      words: 'held a strip beside the card that was brown of the stuff itself',
      moves: { colour: 'low' },
    },
  ],
  // One part in five of water, as the bench does it: only so can both be compared.
  bench: { protocol: 'ph-1to5', steps: { pen: 'pH' } },
};
