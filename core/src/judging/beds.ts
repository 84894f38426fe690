import { airIn, litrePrice, pH, waterIn } from './measuredCriteria';
import { feel, look, smell } from './panelCriteria';
import type { Rubric } from './rubric';

/** Media that fill a bed above ground, 30 cm deep. Windows after the profile for a raised bed; weights are ours. */
export const BEDS: Rubric = {
  key: 'beds',
  version: 1,
  label: 'Beds above ground',
  use: 'bed 30 cm, open base',
  container: { height_cm: 30 },
  aggregate: 'arithmetic',
  caps: [{ criterion: 'foreign', below: 2, max: 5 }],
  criteria: [
    litrePrice(30, 0.3, 0.04),
    airIn('a bed 30 cm deep', 15, [0.15, 0.35], [0.08, 0.5]),
    waterIn('a bed 30 cm deep', 15, [0.3, 0.55], [0.2, 0.7]),
    pH(10, [6, 7], [5.2, 7.8]),
    {
      name: 'foreign',
      label: 'Foreign bits',
      plain: 'plastic, glass and the like in a litre',
      weight: 10,
      kind: 'measured',
      function: { type: 'line', at0: 4, at10: 0 },
      source: { from: 'lot', figure: 'foreignPerL' },
      unit: '/L',
    },
    smell(10),
    look(5),
    feel(5),
  ],
};
