import type { RubricCriterion } from './rubric';

type Ends = readonly [number | null, number | null];

/** What a litre costs, scored by a line: nothing at the dear end, full at the cheap one. */
export const litrePrice = (weight: number, at0: number, at10: number): RubricCriterion => ({
  name: 'price',
  label: 'Price',
  plain: 'for one real litre, poured loose',
  weight,
  kind: 'price',
  function: { type: 'line', at0, at10 },
  source: { from: 'lot', figure: 'pricePerL' },
  unit: '/L',
});

/** Air in the use's container, named in words. */
export const airIn = (where: string, weight: number, ideal: Ends, limits: Ends): RubricCriterion => ({
  name: 'air',
  label: 'Air',
  plain: `air in ${where} when it stops dripping`,
  weight,
  kind: 'measured',
  function: { type: 'window', ideal, limits },
  source: { from: 'lot', figure: 'air' },
  unit: '',
});

/** Water in the use's container, named in words. */
export const waterIn = (where: string, weight: number, ideal: Ends, limits: Ends): RubricCriterion => ({
  name: 'water',
  label: 'Holds water',
  plain: `water in ${where} when it stops dripping`,
  weight,
  kind: 'measured',
  function: { type: 'window', ideal, limits },
  source: { from: 'lot', figure: 'water' },
  unit: '',
});

export const pH = (weight: number, ideal: Ends, limits: Ends): RubricCriterion => ({
  name: 'pH',
  label: 'pH',
  plain: '1:5 in water',
  weight,
  kind: 'measured',
  function: { type: 'window', ideal, limits },
  source: { from: 'lot', figure: 'pH' },
  unit: '',
});
