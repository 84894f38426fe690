import { describe, expect, it } from 'vitest';
import { fillRest, isOpen, litresOf, MOST_CORNERS, readAmount, recipeCorners, shownIn } from '.';

describe('what a recipe leaves open', () => {
  it('a settled recipe has one corner', () => {
    const lines = [{ lotId: 'bark', parts: 2 }];
    expect(isOpen(lines)).toBe(false);
    expect(recipeCorners(lines)).toEqual([{ lines, chosen: [] }]);
  });

  it('takes a range at both ends, each other lot, an optional line in and out', () => {
    const lines = [
      { lotId: 'bark', parts: 2.5, least: 2, most: 3 },
      { lotId: 'peat', or: ['coir'], parts: 1 },
      { lotId: 'char', parts: 0.5, optional: true },
    ];
    expect(isOpen(lines)).toBe(true);
    const corners = recipeCorners(lines);
    expect(corners).toHaveLength(8);
    const recipes = corners.map((corner) => corner.lines.map((one) => `${String(one.parts)} ${one.lotId}`).join(', '));
    expect(new Set(recipes).size).toBe(8);
    expect(recipes).toContain('3 bark, 1 coir');
    expect(recipes).toContain('2 bark, 1 peat, 0.5 char');
  });

  it('offers no recipe without a line', () => {
    expect(recipeCorners([{ lotId: 'bark', parts: 1, optional: true }])).toHaveLength(1);
  });

  it('stops somewhere', () => {
    const lines = Array.from({ length: 9 }, (_, i) => ({ lotId: String(i), parts: 1, least: 1, most: 2 }));
    expect(recipeCorners(lines)).toHaveLength(MOST_CORNERS);
  });
});

describe('a recipe in another unit', () => {
  const lines = [{ parts: 3 }, { parts: 1 }];

  it.each([
    ['part', undefined, [3, 1]],
    ['percent', undefined, [75, 25]],
    ['L', 8, [24, 8]],
    ['scoop', 8, [12, 4]],
    ['gal', 3.785411784, [3, 1]],
    ['L', undefined, undefined],
  ] as const)('%s at %s L to a part', (unit, part_L, expected) => {
    const found = shownIn(lines, unit, part_L);
    expect(found?.map((value) => Number(value.toFixed(9)))).toEqual(expected);
  });

  it('counts what comes on top against the rest', () => {
    expect(shownIn([{ parts: 60 }, { parts: 40 }, { parts: 10, onTop: true }], 'percent')).toEqual([60, 40, 10]);
  });

  it('takes a bench’s own scoop', () => {
    expect(litresOf('scoop', { scoop: 1.25 })).toBe(1.25);
    expect(litresOf('percent')).toBeUndefined();
  });

  it('lets the rest fill up, and never under nothing', () => {
    const rest = [{ parts: 30 }, { parts: 1, rest: true }];
    expect(fillRest(rest, 100)[1]?.parts).toBe(70);
    expect(fillRest([{ parts: 130 }, { parts: 1, rest: true }], 100)[1]?.parts).toBe(0);
    expect(fillRest(lines, 100)).toEqual(lines);
  });

  it.each([
    ['2', { lo: 2, hi: 2, unit: undefined }],
    ['2-3 parts', { lo: 2, hi: 3, unit: 'part' }],
    ['20 L', { lo: 20, hi: 20, unit: 'L' }],
    ['½ cup', { lo: 0.5, hi: 0.5, unit: 'cup' }],
    ['2 bark', undefined],
    ['some', undefined],
  ])('reads the amount %s', (text, expected) => {
    expect(readAmount(text)).toEqual(expected);
  });
});
