import { describe, expect, it } from 'vitest';
import { quantity, type QuantityInput } from '.';

const lines = [
  { name: 'bark', parts: 3, unit_L: 60, pricePerUnit: 7.4 },
  { name: 'coir block', parts: 1, yield: 8, unit_L: 9, pricePerUnit: 3.9 },
];
const input: QuantityInput = { want: { pots: 100, potVolume_L: 2 }, settling: 0.1, shrink: 0.2, lines };

describe('how much to take', () => {
  it('makes good settling and shrink: 200 L are 222.2 finished and 277.8 loose', () => {
    const result = quantity(input);
    expect(result.finished_L).toBeCloseTo(200 / 0.9, 9);
    expect(result.loose_L).toBeCloseTo(200 / 0.9 / 0.8, 9);
    expect(result.lines.reduce((sum, line) => sum + line.loose_L, 0)).toBeCloseTo(result.loose_L, 9);
  });

  it('takes less of what expands, buys whole units, and knows what is left over', () => {
    const [bark, coir] = quantity(input).lines;
    expect(bark?.take_L).toBeCloseTo(208.3333, 3);
    expect(bark).toMatchObject({ units: 4, cost: expect.closeTo(29.6, 9) as number });
    expect(bark?.leftover_L).toBeCloseTo(240 - 208.3333, 3);
    expect(coir?.take_L).toBeCloseTo(69.4444 / 8, 3);
    expect(coir).toMatchObject({ units: 1, cost: 3.9 });
  });

  it('costs what is used and what has to be bought', () => {
    const { costUsed, costBought } = quantity(input);
    expect(costBought).toBeCloseTo(29.6 + 3.9, 9);
    expect(costUsed).toBeCloseTo((208.33333 / 60) * 7.4 + (69.44444 / 8 / 9) * 3.9, 4);
  });

  it('fills a bed: 2 m by 1.5 m, 20 cm deep, are 600 L', () => {
    const bed = quantity({ want: { length_m: 2, width_m: 1.5, depth_cm: 20 }, settling: 0, shrink: 0, lines });
    expect(bed.loose_L).toBeCloseTo(600, 9);
  });

  it('does not buy a bag for the last digit', () => {
    const exact = quantity({
      want: { volume_L: 0.1 + 0.2 },
      settling: 0,
      shrink: 0,
      lines: [{ name: 'sand', parts: 1, unit_L: 0.1 }],
    });
    expect(exact.lines[0]).toMatchObject({ units: 3, leftover_L: expect.closeTo(0, 9) as number });
  });

  it('names what has no price', () => {
    const result = quantity({ ...input, lines: [...lines, { name: 'leaf mould', parts: 1 }] });
    expect(result.checks[0]?.message).toContain('leaf mould');
    expect(result.lines[2]).not.toHaveProperty('units');
  });

  it.each<[string, Partial<QuantityInput>, RegExp]>([
    ['nothing wanted', { want: {} }, /missing want:/],
    ['pots and a volume', { want: { pots: 1, potVolume_L: 2, volume_L: 3 } }, /one of them/],
    ['pots without their volume', { want: { pots: 10 } }, /missing want\.potVolume_L/],
    ['half a pot', { want: { pots: 1.5, potVolume_L: 2 } }, /want\.pots/],
    ['settling to nothing', { settling: 1 }, /invalid settling/],
    ['no parts', { lines: lines.map((line) => ({ ...line, parts: 0 })) }, /no line has a part/],
    ['a yield of zero', { lines: [{ name: 'x', parts: 1, yield: 0 }] }, /lines\[0\]\.yield/],
    ['a price without a unit', { lines: [{ name: 'x', parts: 1, pricePerUnit: 3 }] }, /lines\[0\]\.unit_L/],
  ])('refuses %s', (_, more, message) => {
    expect(() => quantity({ ...input, ...more })).toThrow(message);
  });
});
