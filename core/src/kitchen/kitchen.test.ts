import { describe, expect, it } from 'vitest';
import { kitchen } from '.';

describe('kitchen form', () => {
  it('gives the air exactly and a lower bound of the capacity', () => {
    const result = kitchen({ vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 });
    expect(result.airSpace).toBeCloseTo(0.21, 12);
    expect(result.capacityAtLeast).toBeCloseTo(0.31, 12);
    expect(result.checks.map((check) => check.code)).toEqual(['lower-bound']);
  });

  it('says so when more drained than went in', () => {
    const result = kitchen({ vesselVolume_mL: 1000, waterAdded_mL: 100, drained_mL: 210 });
    expect(result.capacityAtLeast).toBe(0);
    expect(result.checks[0]?.code).toBe('drained-over-added');
  });

  it('becomes an estimate with a dried cup of what went in', () => {
    const input = { vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 };
    const cup = (wet: number, dry: number) => kitchen({ ...input, cup_mL: 250, cupWet_g: wet, cupDry_g: dry });
    // 37.5 mL of water in a cup of 250: 0.15 of the volume was water before.
    expect(cup(120, 82.5).capacityEstimate).toBeCloseTo(0.31 + 0.15, 12);
    expect(cup(120, 82.5).checks).toEqual([]);
    // Dry stuff brings nothing: the bound was exact.
    expect(cup(80, 80).capacityEstimate).toBeCloseTo(0.31, 12);
    expect(kitchen({ ...input, cup_mL: 250, cupWet_g: 120 })).not.toHaveProperty('capacityEstimate');
  });

  it('says what a wet medium holds, though more drained than was added', () => {
    const found = kitchen({
      vesselVolume_mL: 1000,
      waterAdded_mL: 100,
      drained_mL: 210,
      cup_mL: 200,
      cupWet_g: 160,
      cupDry_g: 40,
    });
    expect(found.capacityEstimate).toBeCloseTo(-0.11 + 0.6, 12);
    expect(found.checks).toEqual([]);
  });

  it.each([
    [{ cup_mL: 200, cupWet_g: 50, cupDry_g: 60 }, /cupDry_g/],
    [{ cup_mL: 20, cupWet_g: 90, cupDry_g: 40 }, /cup_mL/],
    [{ cup_mL: 0, cupWet_g: 90, cupDry_g: 40 }, /cup_mL/],
  ])('refuses a cup of %j', (cup, message) => {
    expect(() => kitchen({ vesselVolume_mL: 1000, waterAdded_mL: 500, drained_mL: 200, ...cup })).toThrow(message);
  });

  it.each([
    [{ vesselVolume_mL: 0, waterAdded_mL: 1, drained_mL: 1 }, /vesselVolume_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: -1, drained_mL: 1 }, /waterAdded_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: 1001, drained_mL: 1 }, /waterAdded_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: 500, drained_mL: 1001 }, /drained_mL/],
  ])('refuses %j', (input, message) => {
    expect(() => kitchen(input)).toThrow(message);
  });
});
