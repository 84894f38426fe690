import { describe, expect, it } from 'vitest';
import { amountTyped, bareAmount } from './amountTyped';

const line = { lotId: 'a', parts: 1, written: '1 part bark', least: 1, most: 2, rest: true };
const typed = (text: string, part_L?: number, others = 6, density_gcc?: number) =>
  amountTyped(text, line, { part_L, others, density_gcc, sizes: {} });
const parts = (text: string, part_L?: number, others?: number, density_gcc?: number): unknown => {
  const answer = typed(text, part_L, others, density_gcc);
  return answer.kind === 'line' ? answer.line : answer.sentence;
};

describe('an amount typed into a line', () => {
  it('takes parts, and forgets what was said of the amount before', () => {
    expect(parts('3')).toEqual({ lotId: 'a', parts: 3 });
    expect(parts('2,5')).toEqual({ lotId: 'a', parts: 2.5 });
    expect(bareAmount(line)).toEqual({ lotId: 'a', parts: 1 });
  });

  it('takes a range in its middle, with both ends', () => {
    expect(parts('2-3')).toEqual({ lotId: 'a', parts: 2.5, least: 2, most: 3 });
  });

  it('takes a volume where the size of a part is known, and asks for it where it is not', () => {
    expect(parts('20 L', 10)).toEqual({ lotId: 'a', parts: 2, written: '20 L' });
    expect(parts('2 buckets', 10)).toEqual({ lotId: 'a', parts: 2, written: '2 buckets' });
    expect(parts('20 L')).toMatch(/How many litres is one part/);
  });

  it('takes percent of the whole, so that the others keep their parts', () => {
    expect(parts('25 %')).toEqual({ lotId: 'a', parts: 2, written: '25 %' });
    expect(parts('25 %', undefined, 0)).toMatch(/Percent of what/);
  });

  it('takes a weight, or a container before and after, by the lot’s density as it lies', () => {
    expect(parts('800 g', 2, 6, 0.4)).toEqual({ lotId: 'a', parts: 1, written: '800 g' });
    expect(parts('2350-1950 g', 1, 6, 0.4)).toEqual({ lotId: 'a', parts: 1, written: '2350-1950 g' });
    expect(parts('1,2 kg', 1, 6, 0.4)).toMatchObject({ parts: 3 });
    expect(parts('1930-2350 g', 1, 6, 0.4)).toMatch(/less after than before/);
    expect(parts('800 g', 1)).toMatch(/weigh one on the bench/);
    expect(parts('800 g', undefined, 6, 0.4)).toMatch(/How many litres/);
  });

  it('measures by this bench’s own bucket', () => {
    const own = amountTyped('2 buckets', line, { part_L: 6, others: 6, density_gcc: undefined, sizes: { bucket: 12 } });
    expect(own).toMatchObject({ line: { parts: 4, written: '2 buckets' } });
  });

  it.each(['bark', '', '3 g/L', 'some'])('refuses %j with what to do', (text) => {
    expect(parts(text)).toEqual(expect.any(String));
  });
});
