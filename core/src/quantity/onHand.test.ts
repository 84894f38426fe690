import { describe, expect, it } from 'vitest';
import { onHand, quantity } from '.';

const lines = [
  { name: 'Bark', parts: 3, stock_L: 100 },
  { name: 'Grit', parts: 1, stock_L: 30, yield: 0.9 },
];

describe('how far what is there reaches', () => {
  it('is limited by what runs out first', () => {
    const found = onHand({ lines, settling: 0, shrink: 0 });
    expect(found.limitedBy).toBe('Grit');
    expect(found.loose_L).toBeCloseTo(108, 9);
    expect(found.lines[1]?.left_L).toBeCloseTo(0, 9);
    expect(found.lines[0]?.left_L).toBeCloseTo(100 - 81, 9);
  });

  it('is the quantity backwards: so many pots take what it says and no more than is there', () => {
    const found = onHand({ lines, settling: 0.1, shrink: 0.15, potVolume_L: 2 });
    const pots = found.pots as number;
    const take = (count: number) =>
      quantity({ want: { pots: count, potVolume_L: 2 }, settling: 0.1, shrink: 0.15, lines }).lines.map(
        (one) => one.take_L,
      );
    take(pots).forEach((litres, i) => {
      expect(found.lines[i]?.take_L).toBeCloseTo(litres, 9);
    });
    expect(take(pots)[1]).toBeLessThanOrEqual(30);
    expect(take(pots + 1)[1]).toBeGreaterThan(30);
  });

  it('wants one counted lot, and shares that are some', () => {
    expect(() => onHand({ lines: [{ name: 'Bark', parts: 1 }], settling: 0, shrink: 0 })).toThrow('invalid lines');
    expect(() => onHand({ lines, settling: 1, shrink: 0 })).toThrow('invalid settling');
    expect(() => onHand({ lines: [{ name: 'Bark', parts: 0, stock_L: 1 }], settling: 0, shrink: 0 })).toThrow(
      'no line',
    );
  });
});
