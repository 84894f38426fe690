import { describe, expect, it } from 'vitest';
import { lotCard } from '../lots';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { RUBRICS, scorecard, type Rating, type Rubric } from '.';

const rubric = RUBRICS[0] as Rubric;
const card = lotCard(pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET), runOf('ph-1to5', { pH: [6, 6.1] })]));
const rating = (criterion: string, rater: string, value: number): Rating => ({
  criterion,
  raterId: rater,
  rater,
  value,
  tags: [],
});

describe('a product’s card', () => {
  it('judges air and water at the use’s pot, not in the vessel', () => {
    const air = scorecard(rubric, card, []).criteria.find((one) => one.criterion.name === 'air');
    expect(air?.found).not.toBeCloseTo(card.pail?.air as number, 3);
  });

  it('does not take a class’s curve for a measurement', () => {
    const { missing } = scorecard(rubric, lotCard(pumiceLot([])), []).result;
    expect(missing).toEqual(['air', 'water', 'pH', 'smell', 'look', 'feel']);
  });

  it('leaves the panel out until its marks are given, then averages them with their spread', () => {
    const blind = scorecard(rubric, card, []);
    expect(blind.result.missing).toContain('smell');
    const open = scorecard(rubric, card, [rating('smell', 'one', 6), rating('smell', 'two', 8)]);
    const smell = open.criteria.find((one) => one.criterion.name === 'smell');
    expect(smell).toMatchObject({ found: 7, score: 7 });
    expect(smell?.spread).toBeCloseTo(Math.SQRT2, 9);
  });

  it('marks a price that rests on the label', () => {
    expect(scorecard(rubric, card, []).criteria.find((one) => one.criterion.name === 'price')?.label).toBe(true);
  });
});

describe('the shipped rubric', () => {
  it('weighs to a hundred, and its caps speak of its own criteria', () => {
    expect(rubric.criteria.reduce((sum, one) => sum + one.weight, 0)).toBe(100);
    for (const cap of rubric.caps) expect(rubric.criteria.map((one) => one.name)).toContain(cap.criterion);
  });
});
