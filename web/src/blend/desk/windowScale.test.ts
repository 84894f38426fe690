import { describe, expect, it } from 'vitest';
import { windowScale } from './windowScale';

const shown = {
  value: 0.25,
  band: { p5: 0.2, p50: 0.25, p95: 0.3 },
  ideal: [0.15, 0.28],
  limits: [0.09, 0.42],
} as const;

describe('the scale of a target window', () => {
  const x = windowScale(shown, 100);
  it('holds every mark, in order, inside the width', () => {
    const marks = [0.09, 0.15, 0.2, 0.25, 0.28, 0.3, 0.42].map(x);
    expect(marks).toEqual([...marks].sort((a, b) => a - b));
    expect(marks[0]).toBeGreaterThan(0);
    expect(marks.at(-1)).toBeLessThan(100);
  });

  it('makes room for a value far outside, and for an open side', () => {
    expect(windowScale({ ...shown, value: 0.9 }, 100)(0.9)).toBeLessThan(100);
    expect(windowScale({ ...shown, ideal: [null, 0.28], limits: [null, 0.42] }, 100)(0.2)).toBeGreaterThan(0);
  });
});
