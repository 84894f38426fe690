import type { Protocol } from '../sheets';
import { read } from './steps';

/** Whether a mix is mixed. */
export const EVENNESS: Protocol = {
  key: 'evenness',
  version: 1,
  label: 'Evenness of a mix',
  plain: 'The same vessel filled from five places of the heap: how unlike they are.',
  takes: 'one vessel, a scale, ten minutes',
  reduction: 'arithmetic',
  results: [{ property: 'heft_gcc', add: ['full'], take: ['tare'], per: ['vessel'] }],
  method: 'five places of one heap',
  usesVessel: true,
  replicates: { usual: 5, most: 12 },
  spreadCheck: {
    property: 'heft_gcc',
    cvOver: 0.1,
    message: 'The five places differ by more than 10 %: mix again, then sample again.',
  },
  steps: [
    read('weigh', {
      key: 'tare',
      label: 'Vessel, empty',
      say: 'Weigh the vessel, the same for all five if you like.',
      why: 'It comes off.',
      picture: 'scale-empty',
    }),
    read('weigh', {
      key: 'full',
      label: 'Filled from one place',
      say: 'Top, middle, bottom, left, right; strike off, weigh.',
      why: 'Fines sink and light things rise: a heap is not even by itself.',
      picture: 'scale-full',
      caution: 'dust',
    }),
  ],
};
