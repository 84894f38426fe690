import type { Protocol } from '../sheets';
import { read } from './steps';

/** EC in five parts of water. */
export const EC_1_TO_5: Protocol = {
  key: 'ec-1to5',
  version: 1,
  label: 'EC, 1:5 in water',
  plain: 'One part medium, five parts water: the salts that dissolve.',
  takes: 'an EC meter, an hour',
  reduction: 'arithmetic',
  results: [{ property: 'ec1to5', read: 'ec' }],
  method: '1:5 v/v in water',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('ec', {
      key: 'ec',
      label: 'EC as the meter corrects it to 25 °C',
      say: 'One part of medium by volume in five of water, shaken an hour, strained.',
      why: 'The ratio is part of the value: 1:5 reads well under half of 1:2.',
      picture: 'pen',
      caution: 'electric',
    }),
  ],
};
