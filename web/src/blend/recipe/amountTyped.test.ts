import { describe, expect, it } from 'vitest';
import { amountTyped, bareAmount } from './amountTyped';

const line = { lotId: 'a', parts: 1, written: '1 part bark', least: 1, most: 2, rest: true };
const typed = (text: string, part_L?: number, others = 6) => amountTyped(text, line, { part_L, others });
const parts = (text: string, part_L?: number, others?: number): unknown => {
  const answer = typed(text, part_L, others);
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

  it.each(['bark', '', '3 g/L', 'some'])('refuses %j with what to do', (text) => {
    expect(parts(text)).toEqual(expect.any(String));
  });
});
