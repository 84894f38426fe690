import type { Protocol } from '../sheets';
import { read } from './steps';

/** How far fines have sunk in a bag. */
export const SEPARATION: Protocol = {
  key: 'separation',
  version: 1,
  label: 'Separation in the bag',
  plain:
    'The same weight from the top and from the bottom of the bag, through one sieve: how much finer the bottom is.',
  takes: 'a 2 mm sieve, a scale, half an hour',
  reduction: 'arithmetic',
  method: 'through 2 mm, dry, top against bottom',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [{ property: 'separation', add: ['bottomFines'], take: ['topFines'], per: ['sample'] }],
  steps: [
    read('weigh', {
      key: 'sample',
      label: 'Taken from each end',
      say: 'Open the bag lying, cut it along, take the same weight from the top fifth and the bottom fifth; air-dry both.',
      why: 'A jolted bag lets its fines run down: the top pots drain, the bottom ones do not.',
      picture: 'scale-full',
      bounds: [20, 5000],
      caution: 'dust',
    }),
    read('weigh', {
      key: 'topFines',
      label: 'Of the top, through the sieve',
      say: 'Shake it a minute, weigh what fell through.',
      why: 'What the top has left of its fines.',
      picture: 'sieve',
      caution: 'dust',
    }),
    read('weigh', {
      key: 'bottomFines',
      label: 'Of the bottom, through the sieve',
      say: 'The same minute, the same sieve.',
      why: 'Over 0.10 more than the top: tip the whole bag out and mix it before any pot is filled.',
      picture: 'sieve',
    }),
  ],
};
