import { describe, expect, it } from 'vitest';
import { lotCard } from '../lots';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { requireRubric, RUBRICS, scorecard, tellApart, type Rating, type Rubric, type RubricCriterion } from '.';

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
    const air = scorecard(rubric, card, { ratings: [] }).criteria.find((one) => one.criterion.name === 'air');
    expect(air?.found).not.toBeCloseTo(card.pail?.air as number, 3);
  });

  it('does not take a class’s curve for a measurement', () => {
    const { missing } = scorecard(rubric, lotCard(pumiceLot([])), { ratings: [] }).result;
    expect(missing).toEqual(['air', 'water', 'pH', 'smell', 'look', 'feel']);
  });

  it('leaves the panel out until its marks are given, then averages them with their spread', () => {
    const blind = scorecard(rubric, card, { ratings: [] });
    expect(blind.result.missing).toContain('smell');
    const open = scorecard(rubric, card, { ratings: [rating('smell', 'one', 6), rating('smell', 'two', 8)] });
    const smell = open.criteria.find((one) => one.criterion.name === 'smell');
    expect(smell).toMatchObject({ found: 7, score: 7 });
    expect(smell?.spread).toBeCloseTo(Math.SQRT2, 9);
  });

  it('asks to agree where raters are far apart, and takes what they agreed on; their marks and spread stay', () => {
    const marks = [
      rating('smell', 'one', 4),
      rating('smell', 'two', 8),
      rating('look', 'one', 6),
      rating('look', 'two', 7.5),
    ];
    const [smell, look] = ['smell', 'look'].map((name) =>
      scorecard(rubric, card, { ratings: marks }).criteria.find((one) => one.criterion.name === name),
    );
    expect(smell).toMatchObject({ found: 6, score: 6, apart: 4 });
    expect(look?.apart).toBeUndefined();
    const agreed = [{ criterion: 'smell', value: 4.5, reason: 'smelt again together', by: 'one' }];
    const after = scorecard(rubric, card, { ratings: marks, agreed });
    const said = after.criteria.find((one) => one.criterion.name === 'smell');
    expect(said).toMatchObject({ score: 4.5, agreed: agreed[0], raters: marks.slice(0, 2) });
    expect(said?.apart).toBeUndefined();
    expect(said?.spread).toBeCloseTo(4 / Math.SQRT2, 9);
    // Nothing is agreed on before marks are open.
    expect(scorecard(rubric, card, { ratings: [], agreed }).result.missing).toContain('smell');
  });

  it('marks a price that rests on the label', () => {
    expect(scorecard(rubric, card, { ratings: [] }).criteria.find((one) => one.criterion.name === 'price')?.label).toBe(
      true,
    );
  });
});

describe.each(RUBRICS)('the shipped rubric $key', (shipped) => {
  it('weighs to a hundred, and can judge', () => {
    expect(shipped.criteria.reduce((sum, one) => sum + one.weight, 0)).toBe(100);
    expect(() => requireRubric(shipped)).not.toThrow();
  });
});

describe('a rubric of one’s own', () => {
  const [price, air] = rubric.criteria as readonly [RubricCriterion, RubricCriterion];
  const smell = rubric.criteria.find(({ name }) => name === 'smell') as RubricCriterion;
  const line = { type: 'line', at0: 1, at10: 0 } as const;

  it.each([
    [{ criteria: [] }, 'criteria'],
    [{ criteria: [price, price], caps: [] }, 'criteria[1].name'],
    [{ criteria: [{ ...price, weight: 0 }], caps: [] }, 'criteria'],
    [{ criteria: [{ ...price, function: { type: 'line', at0: 1, at10: 1 } }], caps: [] }, 'criteria[0].function.at10'],
    [{ criteria: [{ ...air, function: { type: 'direct' } }], caps: [] }, 'criteria[0].function'],
    [{ criteria: [{ ...smell, function: line }], caps: [] }, 'criteria[0].function'],
    [{ criteria: [{ ...price, source: { from: 'lot', figure: 'squeeze' } }], caps: [] }, 'criteria[0].source'],
    [{ criteria: [price], caps: [{ criterion: 'charm', below: 2, max: 5 }] }, 'caps[0].criterion'],
    [{ container: { height_cm: 0 } }, 'container.height_cm'],
    [{ criteria: Array.from({ length: 17 }, (_, i) => ({ ...price, name: String(i) })), caps: [] }, 'criteria'],
  ])('is refused at its field: %#', (change, path) => {
    expect(() => requireRubric({ ...rubric, ...change } as Rubric)).toThrow(expect.objectContaining({ path }) as Error);
  });

  it('scores any figure of the card, with its standard error in the band', () => {
    const ec: RubricCriterion = {
      ...price,
      name: 'pH',
      kind: 'measured',
      source: { from: 'lot', figure: 'pH' },
      function: { type: 'line', at0: 5, at10: 7 },
    };
    const { result, input } = scorecard({ ...rubric, caps: [], criteria: [ec] }, card, { ratings: [] });
    expect(result.overall).toBeCloseTo(5.25, 9);
    expect(input.criteria[0]?.value_se).toBeCloseTo(0.05, 9);
    expect((result.band?.[1] ?? 0) - (result.band?.[0] ?? 0)).toBeGreaterThan(0.5);
  });
});

describe('what tells two products apart', () => {
  const [price, air] = rubric.criteria as readonly [RubricCriterion, RubricCriterion];

  it('adds up to the difference of their means on what both have, the most telling first', () => {
    const one = [
      { name: price.name, value: 0.1 },
      { name: air.name, value: 0.2 },
    ];
    const other = [
      { name: price.name, value: 0.3 },
      { name: air.name, value: 0.12 },
      { name: 'smell', raters: [1, 2] },
    ];
    const told = tellApart(rubric.criteria, one, other);
    expect(told.map(({ criterion }) => criterion)).toEqual(['air', 'price']);
    // Price 10 against 5, weight 18; air 10 against 5, weight 20.
    const sum = told.reduce((all, { points }) => all + points, 0);
    expect(sum).toBeCloseTo(5, 9);
    expect(tellApart(rubric.criteria, one, one)).toEqual([]);
    expect(tellApart(rubric.criteria, one, [])).toEqual([]);
  });
});
