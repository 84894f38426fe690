import type { LearnedProperty } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { parityRange } from './parityChart';

const one = (predicted: number, measured: number): LearnedProperty => ({
  property: 'air',
  predicted,
  corrected: predicted,
  measured,
  se: 0.02,
});

describe('the axes of a parity chart', () => {
  it('reach over all points and their doubt, rounded outward', () => {
    expect(parityRange([one(0.24, 0.31), one(0.38, 0.36)], 'air')).toEqual([0.2, 0.4]);
    expect(parityRange([one(0.21, 0.39)], 'air')).toEqual([0.2, 0.5]);
  });

  it('are never of no length', () => {
    const [lo, hi] = parityRange([{ ...one(0.3, 0.3), se: 0 }], 'air');
    expect(hi - lo).toBeCloseTo(0.1, 9);
  });
});
