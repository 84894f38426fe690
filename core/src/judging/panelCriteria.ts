import type { RubricCriterion } from './rubric';

/** What a panel smells, looks at and feels, the same for every use; the weights are the rubric's. */
const PANEL = { kind: 'panel', function: { type: 'direct' }, source: { from: 'panel' }, unit: '' } as const;

export const smell = (weight: number): RubricCriterion => ({
  ...PANEL,
  name: 'smell',
  label: 'Smell',
  plain: 'waft it, nose well away',
  weight,
  words: [
    { at: 9.5, word: 'woodland floor' },
    { at: 7, word: 'earthy' },
    { at: 5, word: 'no smell' },
    { at: 3, word: 'sour' },
    { at: 1, word: 'step back' },
  ],
  tags: ['sour', 'chemical', 'mould', 'ammonia'],
});

export const look = (weight: number): RubricCriterion => ({
  ...PANEL,
  name: 'look',
  label: 'Look',
  plain: 'even, clean, nothing foreign',
  weight,
  words: [
    { at: 9.5, word: 'even and clean' },
    { at: 7, word: 'a few pieces' },
    { at: 5, word: 'patchy' },
    { at: 3, word: 'foreign bits' },
    { at: 1, word: 'rubbish in it' },
  ],
  tags: ['splinters', 'big wood', 'unknown flakes', 'beads', 'pests'],
});

export const feel = (weight: number): RubricCriterion => ({
  ...PANEL,
  name: 'feel',
  label: 'Feel',
  plain: 'a fistful, gloves on',
  weight,
  words: [
    { at: 9.5, word: 'springs open' },
    { at: 7, word: 'holds, crumbles' },
    { at: 5, word: 'dusty or stiff' },
    { at: 3, word: 'stays a ball' },
    { at: 1, word: 'slime or dust' },
  ],
  tags: ['wet clods', 'splinters', 'dust', 'greasy'],
});
