import { describe, expect, it } from 'vitest';
import { blindCodes, tastingOrder, warmUpSaid } from '.';

describe('blind codes', () => {
  it('are all different, none that is taken, and the same for a seed', () => {
    const codes = blindCodes(12, 7, ['K7']);
    expect(new Set(codes).size).toBe(12);
    expect(codes).not.toContain('K7');
    expect(codes.every((code) => /^[A-HJ-NPR-Z][2-79]$/.test(code))).toBe(true);
    expect(blindCodes(12, 7, ['K7'])).toEqual(codes);
    expect(blindCodes(12, 8, ['K7'])).not.toEqual(codes);
  });
});

describe('the order of the samples', () => {
  const samples = ['a', 'b', 'c', 'd'];

  it('is each rater’s own, holds every sample once, and stays', () => {
    const orders = ['wyn', 'petra', 'tam', 'isla'].map((rater) => tastingOrder(samples, 3, rater));
    for (const order of orders) expect([...order].sort()).toEqual(samples);
    expect(new Set(orders.map((order) => order.join(''))).size).toBeGreaterThan(1);
    expect(tastingOrder(samples, 3, 'wyn')).toEqual(orders[0]);
    expect(samples).toEqual(['a', 'b', 'c', 'd']);
  });

  it('puts no sample first more often than another, over many raters', () => {
    const first = new Map<string, number>();
    for (let i = 0; i < 4000; i += 1) {
      const [one] = tastingOrder(samples, 11, `rater ${String(i)}`);
      first.set(one as string, (first.get(one as string) ?? 0) + 1);
    }
    // Four standard errors of 1000 of 4000 are 110.
    for (const count of first.values()) expect(Math.abs(count - 1000)).toBeLessThan(110);
    expect(first.size).toBe(4);
  });
});

describe('a warm-up', () => {
  const mark = (known: number, given: number) => ({ criterion: 'smell', known, given });

  it('says how near a rater came, and to which side', () => {
    expect(warmUpSaid([])).toBeUndefined();
    expect(warmUpSaid([mark(7, 7.5), mark(5, 4)])).toMatchObject({ off: 0.75, lean: -0.25 });
    expect(warmUpSaid([mark(7, 7.5), mark(5, 4)])?.sentence).toMatch(/^Near/);
    expect(warmUpSaid([mark(5, 8), mark(5, 7)])?.sentence).toMatch(/higher than what is known/);
    expect(warmUpSaid([mark(8, 5), mark(7, 5)])?.sentence).toMatch(/lower than what is known/);
    expect(warmUpSaid([mark(8, 5), mark(4, 7)])?.sentence).toMatch(/^Some higher, some lower/);
  });
});
