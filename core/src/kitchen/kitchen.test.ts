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

  it.each([
    [{ vesselVolume_mL: 0, waterAdded_mL: 1, drained_mL: 1 }, /vesselVolume_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: -1, drained_mL: 1 }, /waterAdded_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: 1001, drained_mL: 1 }, /waterAdded_mL/],
    [{ vesselVolume_mL: 1000, waterAdded_mL: 500, drained_mL: 1001 }, /drained_mL/],
  ])('refuses %j', (input, message) => {
    expect(() => kitchen(input)).toThrow(message);
  });
});
