import type { Protocol } from '../sheets';
import { read } from './steps';

/** pH in weak calcium chloride. */
export const PH_CACL2: Protocol = {
  key: 'ph-cacl2',
  version: 1,
  label: 'pH, 1:2 in calcium chloride',
  plain: 'One part medium, two parts of weak calcium chloride: steadier than water.',
  takes: 'a pH pen, 0.01 M calcium chloride, 40 minutes',
  reduction: 'arithmetic',
  results: [{ property: 'pHCaCl2', read: 'pH' }],
  method: '1:2 v/v in 0.01 M CaCl2',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('pH', {
      key: 'pH',
      label: 'pH of the extract',
      say: 'One part of medium by volume in two of 0.01 M calcium chloride, stirred, stood half an hour.',
      why: 'Salts in the medium no longer move it, so it is usually about half a unit lower than in water.',
      picture: 'pen',
      caution: 'chemicals',
    }),
  ],
};
