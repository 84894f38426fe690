import type { Protocol } from '../sheets';
import { read } from './steps';

/** pH in two parts of water. */
export const PH_1_TO_2: Protocol = {
  key: 'ph-1to2',
  version: 1,
  label: 'pH, 1:2 in water',
  plain: 'One part medium, two parts water, half an hour, pen in.',
  takes: 'a pH pen, 20 minutes of work',
  reduction: 'arithmetic',
  results: [{ property: 'pH1to2', read: 'pH' }],
  method: '1:2 v/v in water',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('pH', {
      key: 'pH',
      label: 'pH of the extract',
      say: 'One part of medium by volume in two of water, stirred, stood half an hour. Wait until the pen stands still.',
      why: 'Another ratio gives another pH; the EC of the same cup is 1:2 too.',
      picture: 'pen',
      caution: 'chemicals',
    }),
  ],
};
