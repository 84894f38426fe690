import { Sheet, type Reading } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { usualLoad } from './usualLoad';

const read = (replicate: number, value: number): Reading => ({
  id: String(replicate),
  replicate,
  step: 'tare',
  value,
  takenAt: '2026-11-24T08:00:00Z',
});

describe('what is put on a simulated device', () => {
  it('lies near what another replicate had, else where such a step begins', () => {
    expect(usualLoad({ key: 'tare', kind: 'weigh' }, 0, new Sheet([]))).toBe(310);
    expect(usualLoad({ key: 'tare', kind: 'weigh' }, 1, new Sheet([read(0, 400)]))).toBe(400);
    expect(usualLoad({ key: 'tare', kind: 'weigh' }, 2, new Sheet([read(0, 400), read(1, 420)]))).toBeCloseTo(417.9, 6);
  });
});
