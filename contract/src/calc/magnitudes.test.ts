import { describe, expect, it } from 'vitest';
import { magnitudeRefusal, MAGNITUDES, resultRefusal } from './magnitudes';

describe('numbers that no bench measures', () => {
  it.each([
    [{ a: [{ b: 1e16 }] }, 'a[0].b'],
    [{ a: [1, -1e16] }, 'a[1]'],
    [{ a: { b: 1e-31 } }, 'a.b'],
    [{ a: Number.NaN }, 'a'],
    [Infinity, 'input'],
  ])('%j is refused at %s', (input, path) => {
    expect(magnitudeRefusal(input)).toMatchObject({ code: 'invalid', path });
  });

  it('are none at the edges, nor is 0, nor what is no number', () => {
    const { most, least } = MAGNITUDES;
    expect(magnitudeRefusal({ a: [0, most, -most, least, -least], b: 'x', c: null, d: true })).toBeUndefined();
  });

  it('in an answer are refused by what they would have been', () => {
    expect(resultRefusal({ air: { p5: Number.NaN } })?.message).toContain('air.p5');
    expect(resultRefusal({ air: { p5: 1e20 }, words: 'x' })).toBeUndefined();
  });
});
