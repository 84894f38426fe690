import type { Protocol } from '../sheets';
import { read } from './steps';

/** How long grains stay grains. */
export const DURABILITY: Protocol = {
  key: 'durability',
  version: 1,
  label: 'Frost and rub',
  plain: 'Grains soaked and frozen ten times, then rubbed: how much of them is dust afterwards.',
  takes: 'a freezer, a 2 mm sieve, a scale, ten nights',
  reduction: 'arithmetic',
  method: 'soaked, frozen ten times, rubbed a minute, over 2 mm',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [
    { property: 'frostLoss', add: ['before'], take: ['frozen'], per: ['before'] },
    { property: 'rubLoss', add: ['frozen'], take: ['rubbed'], per: ['frozen'] },
  ],
  steps: [
    read('weigh', {
      key: 'before',
      label: 'Grains, washed and dry',
      say: 'Wash over a 2 mm sieve, dry, weigh what stays on it.',
      why: 'Only whole grains begin.',
      picture: 'sieve',
      bounds: [10, 5000],
      caution: 'dust',
    }),
    read('weigh', {
      key: 'frozen',
      label: 'Still on the sieve after ten frosts',
      say: 'Soak, pour off, freeze overnight, thaw; ten times. Wash over the sieve, dry, weigh.',
      why: 'Water in the pores splits what is soft.',
      picture: 'sieve',
      bounds: [0, 5000],
    }),
    read('weigh', {
      key: 'rubbed',
      label: 'Still on the sieve after a minute of rubbing',
      say: 'Rub the grains between gloved palms for a minute, wash over the sieve, dry, weigh.',
      why: 'Potting on and roots rub too, for years.',
      picture: 'hand',
      bounds: [0, 5000],
      caution: 'dust',
    }),
  ],
};
