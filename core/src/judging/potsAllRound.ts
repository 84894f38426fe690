import { airIn, litrePrice, pH, waterIn } from './measuredCriteria';
import { feel, look, smell } from './panelCriteria';
import type { Rubric } from './rubric';

/** Bagged media for foliage and shrubs in 15 cm pots. Windows after the profile for pots indoors; weights are ours. */
export const POTS_ALL_ROUND: Rubric = {
  key: 'pots-all-round',
  version: 1,
  label: 'Pots, all-round',
  use: 'pot 15 cm, free base',
  container: { height_cm: 15 },
  aggregate: 'arithmetic',
  caps: [{ criterion: 'air', below: 2, max: 6 }],
  criteria: [
    litrePrice(18, 0.5, 0.1),
    airIn('a 15 cm pot', 20, [0.15, 0.28], [0.09, 0.42]),
    waterIn('a 15 cm pot', 18, [0.45, 0.68], [0.33, 0.78]),
    pH(14, [5.5, 6.5], [4.9, 7.3]),
    smell(10),
    look(10),
    feel(10),
  ],
};
