import { COLUMN_STEPS } from './columnSteps';
import type { Protocol } from './protocol';
import { read } from './steps';

/** Saturated conductivity by the fall of water in a thin tube. */
export const FALLING_HEAD: Protocol = {
  key: 'falling-head',
  version: 1,
  label: 'Conductivity, falling head',
  plain: 'For tight media: watch the water fall in a thin tube above the column.',
  takes: 'a tube with a mesh and a standpipe, a stop-watch, an hour',
  reduction: 'fallingHead',
  method: 'falling head',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    ...COLUMN_STEPS,
    read('length', {
      key: 'pipe',
      label: 'Inner diameter of the standpipe',
      say: 'Measure across, or fill it and weigh.',
      why: 'It enters squared.',
      picture: 'ruler',
      bounds: [0.1, 60],
    }),
    read('length', {
      key: 'head1',
      label: 'Level at the start, above the outflow',
      say: 'Start the watch as the water passes this mark.',
      why: 'Only the ratio of the two heads counts.',
      picture: 'tube',
      bounds: [0.1, 300],
    }),
    read('length', {
      key: 'head2',
      label: 'Level at the end',
      say: 'Stop the watch at this mark; at best half of the first.',
      why: 'A small fall is a large error.',
      picture: 'tube',
      bounds: [0.1, 300],
    }),
    read('seconds', {
      key: 'time',
      label: 'In so many seconds',
      say: 'The time from mark to mark.',
      why: 'Repeat it: a slower second time means that fines have moved.',
      picture: 'tube',
      bounds: [1, 100000],
    }),
  ],
};
