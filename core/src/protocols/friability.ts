import type { Protocol } from '../sheets';
import { read } from './steps';

/** What turns to dust when it is shaken. */
export const FRIABILITY: Protocol = {
  key: 'friability',
  version: 1,
  label: 'Friability',
  plain: 'Shake a sieved sample and sieve again: what has turned to dust.',
  takes: 'a lidded tin, one sieve, a scale, 20 minutes',
  reduction: 'arithmetic',
  method: 'shaken 5 min, 0.5 mm',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  results: [{ property: 'dustShare', add: ['through'], per: ['sample'] }],
  steps: [
    read('weigh', {
      key: 'sample',
      label: 'Sieved clean, before',
      say: 'Sieve the fines off first; weigh 100 g or more.',
      why: 'Only dust made by shaking may count.',
      picture: 'scale-full',
      caution: 'dust',
    }),
    read('weigh', {
      key: 'through',
      label: 'Turned to fines',
      say: 'Five minutes in the lidded tin, a hundred turns a minute; sieve at half a millimetre, weigh what falls.',
      why: 'Mixing and carting do the same, more slowly.',
      picture: 'sieve',
    }),
  ],
};
