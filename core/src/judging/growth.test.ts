import { describe, expect, it } from 'vitest';
import { lotCard } from '../lots';
import { pumiceLot } from '../testing/sampleLot';
import { growthOf, scorecard, type GrowthMark, type Rubric } from '.';

const mark = (
  rater: string,
  species: string,
  week: number,
  value: number,
  tags: GrowthMark['tags'] = [],
): GrowthMark => ({ raterId: rater, rater, species, week, value, tags });

const MARKS = [
  mark('Wyn', 'lettuce', 2, 8),
  mark('Petra', 'lettuce', 2, 7),
  mark('Wyn', 'lettuce', 4, 8),
  mark('Wyn', 'lettuce', 6, 4, ['yellow old leaves']),
  mark('Wyn', 'basil', 2, 6, ['tip burn']),
];

describe('growth as raters see it', () => {
  it('takes each species by itself, the mean of its ages, then the mean of the species', () => {
    const growth = growthOf(MARKS);
    expect(growth?.species.map(({ species, value }) => [species, value])).toEqual([
      ['basil', 6],
      ['lettuce', (7.5 + 8 + 4) / 3],
    ]);
    expect(growth?.value).toBeCloseTo((6 + 6.5) / 2, 12);
    expect(growthOf([])).toBeUndefined();
  });

  it('names the age at which a tag was first seen, and when nitrogen ran out', () => {
    const growth = growthOf(MARKS);
    expect(growth?.species[1]?.first).toEqual([{ tag: 'yellow old leaves', week: 6, notYet: 4 }]);
    expect(growth?.sentence).toContain('lettuce: good until week 4, yellow in week 6: nitrogen ran out between.');
    expect(growth?.sentence).toContain('basil: tip burn from week 2.');
    expect(growthOf([mark('Wyn', 'cress', 2, 5, ['yellow old leaves'])])?.sentence).toMatch(/hungry from the start/);
    expect(growthOf([mark('Wyn', 'cress', 2, 9)])?.sentence).toBe('cress: nothing wrong up to week 2.');
  });
});

const card = lotCard({ ...pumiceLot([]), price: 10, packVolume_L: 50 });
const base = { label: 'x', plain: 'x', weight: 1, unit: '' } as const;
const rubric: Rubric = {
  key: 'k',
  version: 1,
  label: 'k',
  use: 'k',
  container: { height_cm: 15 },
  aggregate: 'arithmetic',
  caps: [{ criterion: 'no glass', below: 5, max: 2 }],
  criteria: [
    { ...base, name: 'growth', kind: 'grow', function: { type: 'direct' }, source: { from: 'growth' } },
    {
      ...base,
      name: 'words',
      kind: 'claims',
      function: { type: 'line', at0: 0, at10: 1 },
      source: { from: 'claims' },
    },
    {
      ...base,
      name: 'trial',
      kind: 'grow',
      function: { type: 'line', at0: 0.5, at10: 1.1 },
      source: { from: 'trial' },
    },
    { ...base, name: 'no glass', weight: 0, kind: 'must', function: { type: 'direct' }, source: { from: 'must' } },
    {
      ...base,
      name: 'food',
      kind: 'measured',
      function: { type: 'line', at0: 0, at10: 1 },
      source: { from: 'nutrients', feeder: 'medium' },
    },
  ],
};

describe('criteria that are told, not measured', () => {
  const told = {
    ratings: [],
    growth: MARKS,
    claims: { share: 0.6, said: 0.5, borneOut: 0.7, judged: 4 },
    musts: [{ criterion: 'no glass', holds: true, by: 'Tam' }],
  };
  const pointsOf = (name: string, more: object = {}) =>
    scorecard(rubric, card, { ...told, ...more }).criteria.find(({ criterion }) => criterion.name === name);

  it('score growth with its raters, claims by their share, a must by yes or no', () => {
    // Wyn's own mean: lettuce (8 + 8 + 4) / 3, basil 6; Petra's 7.
    expect(pointsOf('growth')?.raters.map(({ rater, value }) => [rater, Number(value.toFixed(3))])).toEqual([
      ['Wyn', 6.333],
      ['Petra', 7],
    ]);
    expect(pointsOf('words')).toMatchObject({ score: 6, says: '4 claims judged' });
    expect(pointsOf('no glass')).toMatchObject({ score: 10, says: 'says Tam' });
    expect(pointsOf('food')?.score).toBeUndefined();
    expect(pointsOf('trial')?.score).toBeUndefined();
    expect(pointsOf('trial', { trial: { ratio: 0.8, se: 0.05, trial: 'Spring', reference: 'Peat' } })).toMatchObject({
      score: 5,
      found: 0.8,
    });
    expect(scorecard(rubric, card, { ratings: [] }).result.missing).toEqual([
      'growth',
      'words',
      'trial',
      'no glass',
      'food',
    ]);
  });

  it('a must that fails caps the whole and is named', () => {
    const { result } = scorecard(rubric, card, {
      ...told,
      musts: [{ criterion: 'no glass', holds: false, by: 'Tam' }],
    });
    expect(result).toMatchObject({ overall: 2, cappedBy: 'no glass' });
  });

  it('an override stands for what was worked out, which stays beside it; that of the whole changes no figure', () => {
    const said = { criterion: 'words', value: 3, reason: 'the answer was false', by: 'Isla' };
    expect(pointsOf('words', { overrides: [said] })).toMatchObject({ score: 3, override: { ...said, worked: 6 } });
    const whole = { value: 9, reason: 'we like it', by: 'Isla' };
    const before = scorecard(rubric, card, told);
    const after = scorecard(rubric, card, { ...told, overrides: [whole] });
    expect(after.override).toEqual(whole);
    expect(after.result).toEqual(before.result);
  });
});
