import { describe, expect, it } from 'vitest';
import { spline } from '.';

describe('a natural spline', () => {
  it('goes through its points', () => {
    const [x, y] = [
      [0, 0.5, 1.5, 3],
      [2, -1, 4, 0.5],
    ];
    const f = spline(x, y);
    x.forEach((at, i) => {
      expect(f(at)).toBeCloseTo(y[i] as number, 12);
    });
  });

  it('gives a line back, between its points and beyond them', () => {
    const f = spline([0, 1, 4], [1, 3, 9]);
    for (const at of [-1, 0.25, 2.5, 3.9, 5]) expect(f(at)).toBeCloseTo(1 + 2 * at, 12);
  });

  it('follows a smooth curve closely: a cosine by nine points to a thousandth', () => {
    const x = Array.from({ length: 9 }, (_, i) => (i * Math.PI) / 8 - Math.PI / 2);
    const f = spline(x, x.map(Math.cos));
    for (let at = -1.5; at <= 1.5; at += 0.1) expect(Math.abs(f(at) - Math.cos(at))).toBeLessThan(1e-3);
  });

  it('by two points is the line through them', () => {
    expect(spline([0, 2], [1, 5])(1)).toBeCloseTo(3, 12);
  });
});
