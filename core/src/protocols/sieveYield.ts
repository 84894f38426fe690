import type { Protocol } from '../sheets';
import { read } from './steps';

/** What a mesh keeps and what it lets through. */
export const SIEVE_YIELD: Protocol = {
  key: 'sieve-yield',
  version: 1,
  label: 'Sieve yield',
  plain: 'Put a bag over one mesh: what is kept, what is left over.',
  takes: 'one sieve, a scale, half an hour',
  reduction: 'arithmetic',
  method: 'one mesh, by mass',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  results: [
    { property: 'sieveYield', add: ['kept'], per: ['kept', 'through'] },
    { property: 'sieveLoss', add: ['sample'], take: ['kept', 'through'], per: ['sample'] },
  ],
  steps: [
    read('length', {
      key: 'mesh',
      label: 'Mesh',
      unit: 'mm',
      say: 'The opening that you sieve with.',
      why: 'The yield is for this mesh.',
      picture: 'sieve',
      bounds: [0.05, 60],
      once: true,
    }),
    read('weigh', {
      key: 'sample',
      label: 'What goes in',
      say: 'Dry enough to run through the fingers; weigh it.',
      why: 'Damp crumbs hold the fines back.',
      picture: 'scale-full',
      caution: 'dust',
    }),
    read('weigh', {
      key: 'kept',
      label: 'Kept on the mesh',
      say: 'Shake until nothing more falls, weigh what is kept.',
      why: 'This part is the lot that you want.',
      picture: 'sieve',
    }),
    read('weigh', {
      key: 'through',
      label: 'Fell through',
      say: 'Weigh what fell through.',
      why: 'It can serve elsewhere: fines top up a water-poor blend.',
      picture: 'sieve',
    }),
  ],
};
