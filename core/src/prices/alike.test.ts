import { describe, expect, it } from 'vitest';
import { alikeGroups, type MeasuredProduct } from '.';

const product = (name: string, air: number, water: number, density?: number, pH?: number): MeasuredProduct => ({
  name,
  figures: {
    airSpace: air,
    containerCapacity: water,
    ...(density === undefined ? {} : { bulkDensity_gcc: density }),
    ...(pH === undefined ? {} : { pH }),
  },
});

describe('products that a bench cannot tell apart', () => {
  it('stand together, whatever they are called', () => {
    const all = [
      product('Mallard Gold', 0.2, 0.6, 0.15, 6),
      product('Shop’s own', 0.215, 0.61, 0.16, 6.1),
      product('Other stuff', 0.3, 0.5, 0.2, 5),
    ];
    expect(alikeGroups(all)).toEqual([['Mallard Gold', 'Shop’s own']]);
  });

  it('need three figures that both have', () => {
    expect(alikeGroups([product('a', 0.2, 0.6), product('b', 0.2, 0.6)])).toEqual([]);
    expect(alikeGroups([product('a', 0.2, 0.6, 0.15), product('b', 0.2, 0.6, 0.15)])).toHaveLength(1);
  });

  it('are each like each other: no chain of small steps', () => {
    const chain = [0.2, 0.22, 0.24].map((air, i) => product(`p${String(i)}`, air, 0.6, 0.15));
    expect(alikeGroups(chain)).toEqual([['p0', 'p1']]);
  });

  it('are told apart by one figure alone', () => {
    expect(alikeGroups([product('a', 0.2, 0.6, 0.15, 6), product('b', 0.2, 0.6, 0.15, 6.4)])).toEqual([]);
  });
});
