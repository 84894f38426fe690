import type { Protocol } from '../sheets';
import { read } from './steps';

/** Weight of a level vessel as it came. */
export const HEFT: Protocol = {
  key: 'heft',
  version: 1,
  label: 'Heft',
  plain: 'One level vessel on any scale: density as it came.',
  takes: 'a vessel, any scale, two minutes',
  reduction: 'arithmetic',
  results: [{ property: 'heft_gcc', add: ['full'], take: ['tare'], per: ['vessel'] }],
  method: 'as received, struck off level',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('weigh', {
      key: 'tare',
      label: 'Vessel, empty',
      say: 'Weigh the vessel.',
      why: 'It comes off.',
      picture: 'scale-empty',
    }),
    read('weigh', {
      key: 'full',
      label: 'Filled, struck off level',
      say: 'Fill by the packing habit, strike off, weigh.',
      why: 'Two media side by side are ranked by this in a minute.',
      picture: 'scale-full',
      caution: 'lifting',
    }),
  ],
};
