import { describe, expect, it } from 'vitest';
import { score, scoreOf, type ScoredCriterion, type ScoreFunction } from '.';

const direct = (name: string, weight: number, value?: number): ScoredCriterion => ({
  name,
  weight,
  kind: 'panel',
  function: { type: 'direct' },
  ...(value === undefined ? {} : { value }),
});

describe('functions to 0..10', () => {
  const line: ScoreFunction = { type: 'line', at0: 0.5, at10: 0.1 };
  const bands: ScoreFunction = {
    type: 'bands',
    bands: [{ upTo: 0.2, score: 10 }, { upTo: 0.4, score: 5 }, { score: 1 }],
  };
  const window: ScoreFunction = { type: 'window', ideal: [0.2, 0.3], limits: [0.1, 0.5] };
  const openAbove: ScoreFunction = { type: 'window', ideal: [0.2, null], limits: [0.1, null] };
  const step: ScoreFunction = { type: 'window', ideal: [0.2, 0.3], limits: [0.2, 0.5] };
  it.each<[string, ScoreFunction, number, number]>([
    ['line, middle', line, 0.3, 5],
    ['line, beyond the good end', line, 0.05, 10],
    ['line, beyond the bad end', line, 0.7, 0],
    ['bands include their upper value', bands, 0.2, 10],
    ['bands, next', bands, 0.2001, 5],
    ['bands, last', bands, 9, 1],
    ['window, inside', window, 0.25, 10],
    ['window, its edge', window, 0.3, 10],
    ['window, half below', window, 0.15, 5],
    ['window, half above', window, 0.4, 5],
    ['window, past the limit', window, 0.6, 0],
    ['open side', openAbove, 99, 10],
    ['hard step at the edge', step, 0.2, 10],
    ['hard step beyond', step, 0.1999, 0],
    ['direct', { type: 'direct' }, 6.5, 6.5],
  ])('%s', (_, fn, value, expected) => {
    expect(scoreOf(fn, value)).toBeCloseTo(expected, 9);
  });
});

describe('overall score', () => {
  it('is the weighted mean, or the weighted geometric mean on choice', () => {
    const criteria = [direct('a', 1, 8), direct('b', 2, 5)];
    expect(score({ criteria }).overall).toBeCloseTo(6, 12);
    const geometric = score({ criteria, aggregate: 'geometric' });
    expect(geometric.overall).toBeCloseTo((8 * 5 * 5) ** (1 / 3), 12);
    expect(geometric.sunkBy).toBe('b');
  });

  it('a zero sinks a geometric mean to zero', () => {
    expect(score({ criteria: [direct('a', 1, 8), direct('b', 1, 0)], aggregate: 'geometric' }).overall).toBe(0);
  });

  it('never counts a missing criterion as zero, names it and says how far the score could move', () => {
    const result = score({ criteria: [direct('a', 3, 8), direct('growth', 1)] });
    expect(result.overall).toBeCloseTo(8, 12);
    expect(result.missing).toEqual(['growth']);
    expect(result.couldBe?.[0]).toBeCloseTo(6, 12);
    expect(result.couldBe?.[1]).toBeCloseTo(8.5, 12);
    expect(result.criteria[1]).toEqual({ name: 'growth' });
  });

  it('is absent, with a check, where nothing is in', () => {
    const result = score({ criteria: [direct('a', 1)] });
    expect(result).not.toHaveProperty('overall');
    expect(result.checks[0]?.code).toBe('nothing-scored');
  });

  it('a cap holds it and is named; a criterion that is missing or good enough does not cap', () => {
    const caps = [{ criterion: 'nitrogen', below: 3, max: 6 }];
    const capped = score({ criteria: [direct('a', 9, 9), direct('nitrogen', 1, 2)], caps });
    expect(capped.overall).toBe(6);
    expect(capped.cappedBy).toBe('nitrogen');
    expect(score({ criteria: [direct('a', 9, 9), direct('nitrogen', 1, 3)], caps }).cappedBy).toBeUndefined();
    expect(score({ criteria: [direct('a', 9, 9), direct('nitrogen', 1)], caps }).cappedBy).toBeUndefined();
  });

  it('takes the mean of the raters with their SD, or the agreed value beside it', () => {
    const smell: ScoredCriterion = { ...direct('smell', 1), raters: [6, 8] };
    expect(score({ criteria: [smell] }).criteria[0]).toEqual({ name: 'smell', score: 7, spread: Math.SQRT2 });
    expect(score({ criteria: [{ ...smell, value: 6.5 }] }).criteria[0]).toEqual({
      name: 'smell',
      score: 6.5,
      spread: Math.SQRT2,
    });
  });

  it('its band is seeded, holds the overall and has no width without raters', () => {
    const criteria = [{ ...direct('smell', 1), raters: [5, 7, 8] }, direct('air', 1, 6)];
    const one = score({ criteria, seed: 4 });
    expect(score({ criteria, seed: 4 }).band).toEqual(one.band);
    expect(one.band?.[0]).toBeLessThan(one.overall as number);
    expect(one.band?.[1]).toBeGreaterThan(one.overall as number);
    // SE of the raters' mean is 0.882, half of it counts: 5 to 95 % spans 3.29 x 0.441 = 1.45.
    expect((one.band?.[1] as number) - (one.band?.[0] as number)).toBeCloseTo(1.45, 1);
    expect(score({ criteria: [direct('air', 1, 6)] }).band).toEqual([6, 6]);
  });

  it.each<[RegExp, Parameters<typeof score>[0]]>([
    [/invalid criteria:/, { criteria: [] }],
    [/stands twice/, { criteria: [direct('a', 1), direct('a', 1)] }],
    [/criteria\[0\]\.weight/, { criteria: [direct('a', -1)] }],
    [/all weights are 0/, { criteria: [direct('a', 0, 5)] }],
    [/criteria\[0\]\.value/, { criteria: [direct('a', 1, 11)] }],
    [/criteria\[0\]\.raters\[1\]/, { criteria: [{ ...direct('a', 1), raters: [5, -1] }] }],
    [/caps\[0\]\.criterion/, { criteria: [direct('a', 1, 5)], caps: [{ criterion: 'b', below: 1, max: 2 }] }],
    [
      /function\.bands\[0\]\.upTo/,
      { criteria: [{ ...direct('a', 1, 5), function: { type: 'bands', bands: [{ score: 1 }, { score: 2 }] } }] },
    ],
    [
      /function\.limits/,
      { criteria: [{ ...direct('a', 1, 5), function: { type: 'window', ideal: [0.2, 0.3], limits: [0.25, 0.5] } }] },
    ],
  ])('refuses %s', (message, input) => {
    expect(() => score(input)).toThrow(message);
  });
});
