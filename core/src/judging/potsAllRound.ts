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
    {
      name: 'price',
      label: 'Price',
      plain: 'for one real litre, poured loose',
      weight: 18,
      kind: 'price',
      function: { type: 'line', at0: 0.5, at10: 0.1 },
      source: { from: 'lot', figure: 'pricePerL' },
      unit: '/L',
    },
    {
      name: 'air',
      label: 'Air',
      plain: 'air in a 15 cm pot when it stops dripping',
      weight: 20,
      kind: 'measured',
      function: { type: 'window', ideal: [0.15, 0.28], limits: [0.09, 0.42] },
      source: { from: 'lot', figure: 'air' },
      unit: '',
    },
    {
      name: 'water',
      label: 'Holds water',
      plain: 'water in a 15 cm pot when it stops dripping',
      weight: 18,
      kind: 'measured',
      function: { type: 'window', ideal: [0.45, 0.68], limits: [0.33, 0.78] },
      source: { from: 'lot', figure: 'water' },
      unit: '',
    },
    {
      name: 'pH',
      label: 'pH',
      plain: '1:5 in water',
      weight: 14,
      kind: 'measured',
      function: { type: 'window', ideal: [5.5, 6.5], limits: [4.9, 7.3] },
      source: { from: 'lot', figure: 'pH' },
      unit: '',
    },
    smell(10),
    look(10),
    feel(10),
  ],
};
