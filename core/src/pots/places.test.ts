import { describe, expect, it } from 'vitest';
import { CLIMATES, judgeTops, placeChecks, yearAt, type GrowingPlace, type TopKey } from '.';

const months = (mmPerD: number, rain_mmPerD = 0) => Array.from({ length: 12 }, () => ({ mmPerD, rain_mmPerD }));
const place = (more: Partial<GrowingPlace> = {}): GrowingPlace => ({
  months: months(2, 1.5),
  windy: false,
  on: 'ground',
  ...more,
});
const stateOf = (top: TopKey, more: Partial<GrowingPlace> = {}) =>
  judgeTops(place(more)).find(({ key }) => key === top)?.state;

describe('a place', () => {
  it('has a year, of which so much is to be watered', () => {
    expect(yearAt(place())).toEqual({ taken_mm: 730, rain_mm: 547.5, watered_mm: 182.5 });
    // Rain of a wet month waters no dry one.
    const seasons = months(2).map((one, i) => ({ ...one, rain_mmPerD: i < 6 ? 10 : 0 }));
    expect(yearAt({ months: seasons }).watered_mm).toBe(2 * (31 + 31 + 30 + 31 + 30 + 31));
  });

  it('begins from one of some climates, each of twelve months', () => {
    for (const { key, months: twelve } of CLIMATES) {
      expect([key, twelve.length]).toEqual([key, 12]);
      for (const { mmPerD, rain_mmPerD } of twelve) {
        expect(mmPerD).toBeGreaterThan(0);
        expect(rain_mmPerD).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('takes no fine cover on clay, and nothing light in wind', () => {
    expect(stateOf('fine-mulch')).toBe('good');
    expect(stateOf('fine-mulch', { soil: 'clay' })).toBe('not-here');
    expect(stateOf('fine-mulch', { soil: 'loam' })).toBe('good');
    expect(stateOf('fine-compost', { windy: true })).toBe('not-here');
    expect(stateOf('coarse-mulch', { windy: true, soil: 'clay' })).toBe('good');
    expect(stateOf('grit', { windy: true, soil: 'clay' })).toBe('good');
  });

  it('is not to be left bare where it is dry', () => {
    expect(stateOf('bare')).toBe('good');
    expect(stateOf('bare', { months: months(4, 1) })).toBe('care');
  });

  it('saves by a cover what the bare top would give to the air, less what goes through it', () => {
    const chips = judgeTops(place({ months: months(1000 / 365) })).find(({ key }) => key === 'coarse-mulch');
    expect(chips?.saves_Lm2).toBeCloseTo(100, 9);
    expect(judgeTops(place()).find(({ key }) => key === 'bare')?.saves_Lm2).toBe(0);
  });

  it('warns of a roof’s load and of hard water', () => {
    const codes = (more: Partial<GrowingPlace>) => placeChecks(place(more)).map(({ code }) => code);
    expect(codes({})).toEqual([]);
    expect(codes({ on: 'roof', hardness_mgL: 320 })).toEqual(['roof', 'hard']);
    expect(codes({ hardness_mgL: 150 })).toEqual([]);
  });
});
