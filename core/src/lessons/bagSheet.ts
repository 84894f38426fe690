import type { Check } from '../errors';
import { readStep } from '../protocols';
import type { PupilSheet } from './lesson';

/** How far what a bag holds may lie from its label before it is asked about. */
const FAR = Object.freeze({ over: 1.6, under: 0.4 });

/** What a bag really holds, and what a litre of it costs. */
export const BAG_SHEET: PupilSheet = {
  key: 'bag',
  steps: [
    readStep('volume', {
      key: 'label',
      label: 'Litres on the label',
      say: 'Look for the number of litres on the bag.',
      why: 'It is what one thinks to buy.',
      picture: 'report',
      unit: 'L',
      bounds: [1, 500],
    }),
    readStep('count', {
      key: 'price',
      label: 'What it costs',
      say: 'The price on the ticket.',
      why: 'A bag is cheap or dear by the litre.',
      picture: 'report',
      bounds: [0.01, 10000],
    }),
    readStep('volume', {
      key: 'real',
      label: 'Litres poured out',
      say: 'Shake the bag loose, pour it into a marked pail, strike off, empty it on the sheet, count on. The last pail by its marks. How many litres in all?',
      why: 'So much is in it, as loose as it will be used.',
      picture: 'hoop',
      unit: 'L',
      bounds: [0.5, 1000],
      caution: 'lifting',
    }),
  ],
  figures: [
    {
      key: 'real',
      label: 'Litres in the bag',
      unit: 'L',
      digits: 1,
      read: 'real',
      bench: 'bagVolume_L',
      guess: [1, 500],
      says: 'are in the bag, loose.',
    },
    {
      key: 'ofLabel',
      label: 'Of what the label says',
      unit: '%',
      times: 100,
      digits: 0,
      from: { add: ['real'], per: ['label'] },
      says: 'of the litres on the label are in it.',
    },
    {
      key: 'perLitre',
      label: 'Price of a litre',
      unit: '/L',
      digits: 3,
      from: { add: ['price'], per: ['real'] },
      bench: 'pricePerL',
      says: 'for each litre that is really in it.',
    },
  ],
  doubts: ({ label, real }) => {
    const isFar = label !== undefined && real !== undefined && (real > FAR.over * label || real < FAR.under * label);
    const message = 'That is far from what the label says. Count again, and look whether the pail’s marks are litres.';
    const checks: Check[] = isFar ? [{ code: 'far-off-label', severity: 'caution', message }] : [];
    return checks;
  },
  handlings: [
    { key: 'pressed', words: 'pressed the stuff into the pail', moves: { real: 'low' } },
    { key: 'heaped', words: 'heaped the pail instead of striking it off', moves: { real: 'low' } },
    { key: 'hollow', words: 'left corners of the pail empty', moves: { real: 'high' } },
    { key: 'compressed', words: 'did not shake the pressed bag loose first', moves: { real: 'low' } },
  ],
};
