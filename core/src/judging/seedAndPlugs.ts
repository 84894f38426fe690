import { airIn, litrePrice, pH, waterIn } from './measuredCriteria';
import { feel, look, smell } from './panelCriteria';
import type { Rubric } from './rubric';

/** Fine media for seed trays and plugs, 4 cm deep. Windows after the profile for seed and plugs; weights are ours. */
export const SEED_AND_PLUGS: Rubric = {
  key: 'seed-and-plugs',
  version: 2,
  label: 'Seed and plugs',
  use: 'cell 4 cm, free base',
  container: { height_cm: 4 },
  aggregate: 'arithmetic',
  caps: [
    { criterion: 'salt', below: 2, max: 4 },
    { criterion: 'weeds', below: 2, max: 5 },
  ],
  criteria: [
    litrePrice(10, 0.8, 0.2),
    airIn('a 4 cm cell', 12, [0.05, 0.15], [0.02, 0.28]),
    waterIn('a 4 cm cell', 12, [0.6, 0.8], [0.45, 0.88]),
    pH(8, [5.4, 6.3], [4.8, 7.2]),
    {
      name: 'salt',
      label: 'Salt',
      plain: 'EC, 1:2 in water',
      weight: 18,
      kind: 'measured',
      function: { type: 'window', ideal: [0.15, 0.75], limits: [0.02, 1.25] },
      source: { from: 'lot', figure: 'ec_dSm' },
      unit: 'dS/m',
    },
    {
      name: 'weeds',
      label: 'Weeds',
      plain: 'that came up in a litre of it',
      weight: 10,
      kind: 'measured',
      function: { type: 'line', at0: 5, at10: 0 },
      source: { from: 'lot', figure: 'weedsPerL' },
      unit: '/L',
    },
    {
      name: 'grown',
      label: 'Growth',
      plain: 'in a trial, beside the reference at the same age',
      weight: 15,
      kind: 'grow',
      // As good as the reference is nine of ten: a bag may well be better.
      function: { type: 'line', at0: 0.3, at10: 1.08 },
      source: { from: 'trial' },
      unit: '',
    },
    smell(5),
    look(5),
    feel(5),
  ],
};
