import type { Protocol } from '../sheets';
import { read } from './steps';

/** What a block or bale becomes. */
export const EXPANSION: Protocol = {
  key: 'expansion',
  version: 1,
  label: 'Soak a block, fluff a bale',
  plain: 'What a pressed block or bale becomes when it is soaked or fluffed.',
  takes: 'a block, a drum, a jug, an hour',
  reduction: 'arithmetic',
  method: 'as prepared here',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  results: [
    { property: 'expansion_LperKg', add: ['loose'], per: ['dry'] },
    { property: 'prepWater_L', add: ['water'], per: ['loose'] },
  ],
  steps: [
    read('weigh', {
      key: 'dry',
      label: 'The block as bought',
      unit: 'kg',
      say: 'Weigh it unopened, less the wrap.',
      why: 'What it becomes is for each kilogram.',
      picture: 'block',
      bounds: [0.05, 500],
      caution: 'lifting',
    }),
    read('volume', {
      key: 'water',
      label: 'Water given',
      unit: 'L',
      say: 'Warm water goes in faster; count the jugs.',
      why: 'It is needed again for the batch sheet.',
      picture: 'jug',
      bounds: [0, 2000],
      caution: 'heat',
    }),
    read('volume', {
      key: 'loose',
      label: 'Loose volume it makes',
      unit: 'L',
      say: 'Break it up, let it rest, pour it loose into the drum.',
      why: 'Recipes count litres of this.',
      picture: 'hoop',
      bounds: [0.1, 20000],
      caution: 'dust',
    }),
  ],
};
