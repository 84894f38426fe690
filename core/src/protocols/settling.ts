import type { Protocol } from '../sheets';
import { read } from './steps';

/** Minutes of a month of a year. */
const MONTH_min = (365.25 / 12) * 24 * 60;

/** How a filled pot settles through its first year; each look is due by its date. */
export const SETTLING: Protocol = {
  key: 'settling',
  version: 2,
  label: 'Settling and ageing',
  plain: 'The depth of one filled pot, day 0 to month 12.',
  takes: 'a pot, a ruler, a year of looking in',
  reduction: 'arithmetic',
  method: 'depth in the pot',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  results: [
    { property: 'settledFirst', add: ['day0'], take: ['watered'], per: ['day0'] },
    { property: 'settledMonth', add: ['day0'], take: ['month1'], per: ['day0'] },
    { property: 'settledYear', add: ['day0'], take: ['month12'], per: ['day0'] },
  ],
  steps: [
    read('depth', {
      key: 'day0',
      label: 'Day 0, struck off level',
      say: 'From the base to the surface.',
      why: 'All later depths are compared with this.',
      picture: 'ruler',
      bounds: [0.5, 200],
    }),
    read('depth', {
      key: 'watered',
      label: 'After the first watering',
      say: 'Water it in, wait an hour, measure.',
      why: 'Most of the settling is over now.',
      picture: 'ruler',
      bounds: [0.5, 200],
    }),
    read('depth', {
      key: 'month1',
      label: 'Month 1',
      say: 'Measure again.',
      why: 'From here on it is rotting and working down.',
      picture: 'ruler',
      bounds: [0.5, 200],
      after: { step: 'day0', minutes: MONTH_min },
    }),
    ...[3, 6, 12].map((month) =>
      read('depth', {
        key: `month${String(month)}`,
        label: `Month ${String(month)}`,
        say: 'Measure again, and measure its air space if you can.',
        why: 'The ageing of a blend is data.',
        picture: 'ruler',
        bounds: [0.5, 200],
        optional: true,
        after: { step: 'day0', minutes: month * MONTH_min },
      }),
    ),
  ],
};
