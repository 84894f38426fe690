import { describe, expect, it } from 'vitest';
import { seededRandom } from '../scoring';
import { lotSpread } from '.';

describe('spread from lot to lot', () => {
  it('of a balanced case by hand', () => {
    // Means 11, 15, 13; MS within 2; MS between 2 x (4 + 4 + 0) / 2 = 8; between (8 - 2) / 2 = 3.
    const { mean, betweenSd, withinSd } = lotSpread({
      lots: [
        [10, 12],
        [14, 16],
        [12, 14],
      ],
    });
    expect(mean).toBe(13);
    expect(withinSd).toBeCloseTo(Math.SQRT2, 12);
    expect(betweenSd).toBeCloseTo(Math.sqrt(3), 12);
  });

  it('is none where lots differ by no more than their own scatter', () => {
    const { betweenSd } = lotSpread({
      lots: [
        [10, 14],
        [11, 13],
        [9, 15],
      ],
    });
    expect(betweenSd).toBe(0);
  });

  it('is the plain SD where every lot has one value, and says so', () => {
    const { betweenSd, withinSd, checks } = lotSpread({ lots: [[10], [12], [14]] });
    expect(betweenSd).toBeCloseTo(2, 12);
    expect(withinSd).toBeUndefined();
    expect(checks.map((check) => check.code)).toEqual(['no-within']);
  });

  it('finds both spreads again in many lots of unequal size', () => {
    const random = seededRandom(5);
    const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const lots = Array.from({ length: 4000 }, (_, i) => {
      const level = 0.25 + 0.03 * normal();
      return Array.from({ length: 2 + (i % 3) }, () => level + 0.01 * normal());
    });
    const { betweenSd, withinSd } = lotSpread({ lots });
    expect(betweenSd).toBeCloseTo(0.03, 2.7);
    expect(withinSd).toBeCloseTo(0.01, 3);
  });
});

describe('lots to test', () => {
  const lots = [[10], [12], [14]];
  it('are as many as bring the interval down to what is asked', () => {
    // SD 2: n 6 gives 2.571 x 2 / sqrt 6 = 2.10, n 7 gives 2.447 x 2 / sqrt 7 = 1.85.
    expect(lotSpread({ lots, halfWidth: 2 }).lotsNeeded).toBe(7);
    expect(lotSpread({ lots, halfWidth: 2.11 }).lotsNeeded).toBe(6);
  });

  it('are more for a closer answer, and end at a thousand with a word', () => {
    const needed = [3, 2, 1, 0.5].map((halfWidth) => lotSpread({ lots, halfWidth }).lotsNeeded as number);
    expect([...needed].sort((a, b) => a - b)).toEqual(needed);
    const much = lotSpread({ lots, halfWidth: 0.01 });
    expect(much.lotsNeeded).toBe(1000);
    expect(much.checks.map((check) => check.code)).toContain('too-fine');
  });
});

describe('what cannot be answered', () => {
  it.each([
    ['lots', { lots: [[1, 2]] }],
    ['lots[1]', { lots: [[1], []] }],
    ['lots[0][1]', { lots: [[1, Number.NaN], [2]] }],
    ['halfWidth', { lots: [[1], [2]], halfWidth: 0 }],
  ])('%s', (path, input) => {
    expect(() => lotSpread(input)).toThrow(expect.objectContaining({ path }) as Error);
  });
});
