import { conductivityMethod } from '../drainage';
import { allOf, byMethod, type Protocol, type Shipped } from '../sheets';
import { areaOf, COLUMN_STEPS } from './columnSteps';
import { read } from './steps';

const PROTOCOL: Protocol = {
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

/** Saturated conductivity by the fall of water in a thin tube. */
export const FALLING_HEAD: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(conductivityMethod, {
    inputOf: (_run, sheet, replicate) => {
      const waterTemp_C = sheet.value(0, 'waterTemp');
      const read = allOf(sheet, replicate, ['length', 'diameter', 'pipe', 'head1', 'head2', 'time']);
      if (read === undefined || waterTemp_C === undefined) return undefined;
      return {
        method: 'falling' as const,
        tubeArea_cm2: areaOf(read.pipe),
        area_cm2: areaOf(read.diameter),
        length_cm: read.length,
        time_s: read.time,
        head1_cm: read.head1,
        head2_cm: read.head2,
        waterTemp_C,
      };
    },
  }),
};
