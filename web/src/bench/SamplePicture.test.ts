import { describe, expect, it } from 'vitest';
import { incrementPlaces } from './SamplePicture';

describe('places of the increments', () => {
  it.each(['bag', 'heap', 'bin', 'pot'] as const)('in a %s reach top, middle and bottom from three on', (from) => {
    const heights = new Set(incrementPlaces(from, 3).map(([, y]) => y));
    expect([...heights].sort((a, b) => a - b)).toEqual([20, 38, 56]);
  });

  it('are as many as were taken, each in a place of its own', () => {
    for (const count of [1, 2, 5, 9, 12]) {
      const places = incrementPlaces('bag', count);
      expect(new Set(places.map(String)).size).toBe(count);
    }
  });

  it('stay inside the heap and stop where they could not be told apart', () => {
    const places = incrementPlaces('heap', 40);
    expect(places).toHaveLength(12);
    for (const [x] of places) expect(x > 4 && x < 92).toBe(true);
    expect(incrementPlaces('heap', 0)).toEqual([]);
  });
});
