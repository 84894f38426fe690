import { COLUMN_STEPS } from './columnSteps';
import type { Protocol } from './protocol';
import { read } from './steps';

/** Saturated conductivity under a head that is held. */
export const CONSTANT_HEAD: Protocol = {
  key: 'constant-head',
  version: 1,
  label: 'Conductivity, constant head',
  plain: 'Water held at one height flows through a soaked column: how fast, by the jug.',
  takes: 'a tube with a mesh, an overflow, a jug, a stop-watch, half an hour',
  reduction: 'constantHead',
  method: 'constant head',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    ...COLUMN_STEPS,
    read('length', {
      key: 'head',
      label: 'Difference of the two water levels',
      say: 'From the level above to the overflow below, both standing still.',
      why: 'Too much head and the flow is no longer in step with it: keep it near the length.',
      picture: 'tube',
      bounds: [0.1, 200],
    }),
    read('volume', {
      key: 'collected',
      label: 'Caught in the jug',
      say: 'When the flow is steady, catch at least 100 mL.',
      why: 'A small catch is a large error.',
      picture: 'jug',
      bounds: [1, 50000],
    }),
    read('seconds', {
      key: 'time',
      label: 'In so many seconds',
      say: 'The time for that catch.',
      why: 'Two catches that agree mean that it is steady.',
      picture: 'tube',
      bounds: [1, 100000],
    }),
  ],
};
