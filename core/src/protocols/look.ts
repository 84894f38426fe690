import type { Protocol } from '../sheets';
import { read } from './steps';

/** Foreign matter, counted. */
export const LOOK: Protocol = {
  key: 'look',
  version: 1,
  label: 'Look, counted',
  plain: 'Spread a litre thin and count what does not belong.',
  takes: 'a white tray, a litre, ten minutes',
  reduction: 'arithmetic',
  method: 'spread thin, fresh',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  results: [
    { property: 'foreignPerL', add: ['plastic', 'glass', 'stones'], per: ['volume'] },
    { property: 'woodPerL', add: ['wood'], per: ['volume'] },
    { property: 'unknownPerL', add: ['unknown'], per: ['volume'] },
  ],
  steps: [
    read('volume', {
      key: 'volume',
      label: 'Looked through',
      unit: 'L',
      say: 'Measure out a litre or more and spread it thin on white.',
      why: 'Counts are for a litre.',
      picture: 'eye',
      bounds: [0.1, 50],
      caution: 'sharp',
    }),
    read('count', {
      key: 'plastic',
      label: 'Plastic',
      say: 'Pieces over 2 mm.',
      why: 'It stays for ever.',
      picture: 'eye',
    }),
    read('count', {
      key: 'glass',
      label: 'Glass',
      say: 'Gloves. Pieces of any size.',
      why: 'It cuts hands.',
      picture: 'eye',
    }),
    read('count', {
      key: 'stones',
      label: 'Stones over 5 mm',
      say: 'Those that are not part of the recipe.',
      why: 'They weigh and hold nothing.',
      picture: 'eye',
    }),
    read('count', {
      key: 'wood',
      label: 'Wood over 2 cm',
      say: 'Sticks and chips.',
      why: 'It takes nitrogen while it rots.',
      picture: 'eye',
    }),
    read('count', {
      key: 'unknown',
      label: 'Flakes and beads that nobody knows',
      say: 'Keep them for the tasks for unknowns.',
      why: 'An unknown is a finding.',
      picture: 'eye',
    }),
  ],
};
