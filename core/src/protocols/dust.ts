import type { Protocol } from '../sheets';
import { judge } from './steps';

/** Whether it raises dust when it is poured. */
export const DUST: Protocol = {
  key: 'dust',
  version: 1,
  label: 'Dust',
  plain: 'Pour a handful from a hand’s height, upwind, and look at the light behind it.',
  takes: 'a mask, a minute, out of doors',
  reduction: 'arithmetic',
  method: 'poured as it came',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [{ property: 'dustRaised', read: 'dust' }],
  steps: [
    judge(['none', 'a little', 'a cloud'], {
      key: 'dust',
      label: 'Dust that rises',
      say: 'Out of doors, mask on, back to the wind: pour a handful from a hand’s height against the light.',
      why: 'What raises a cloud is damped before it is tipped; it also means fines.',
      picture: 'eye',
      caution: 'dust',
    }),
  ],
};
