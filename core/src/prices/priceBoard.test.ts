import { describe, expect, it } from 'vitest';
import { LABEL_SPREAD, priceBoard, type PriceBoardInput, type PricedPack } from '.';

const line = (pack: Omit<PricedPack, 'name'>, more: Omit<PriceBoardInput, 'packs'> = {}) => {
  const [first] = priceBoard({ ...more, packs: [{ name: 'a', ...pack }] }).lines;
  if (first === undefined) throw new Error('no line');
  return first;
};

describe('the price of a real litre', () => {
  it('goes by what was poured out, not by the label', () => {
    expect(line({ price: 10, pack_L: 40 })).toMatchObject({ litres: 40, pricePerL: 0.25, isMeasured: false });
    expect(line({ price: 10, pack_L: 40, true_L: 36 })).toMatchObject({
      litres: 36,
      isMeasured: true,
    });
  });

  it('opens what is compressed by its factor, the usual one where nobody measured it', () => {
    expect(line({ price: 24, form: 'compressed', pack_L: 70 }).litres).toBeCloseTo(126, 12);
    expect(line({ price: 24, form: 'block', pack_L: 5, factor: 14, factor_se: 0.7 })).toMatchObject({
      litres: 70,
      isMeasured: true,
    });
    expect(line({ price: 24, form: 'byWeight', weight_kg: 20, density_kgL: 0.5 }).litres).toBe(40);
  });

  it('has the wider a band the less is known of the pack', () => {
    const width = (pack: Omit<PricedPack, 'name'>): number => {
      const { band } = line(pack);
      return Math.log(band[1] / band[0]);
    };
    const bag = { price: 10, pack_L: 40 };
    const widths = [
      { ...bag, true_L: 36, true_L_se: 0.5 },
      { ...bag, true_L: 36 },
      bag,
      { ...bag, form: 'compressed' as const },
      { ...bag, form: 'block' as const },
    ].map(width);
    expect([...widths].sort((a, b) => a - b)).toEqual(widths);
    expect(width(bag)).toBeCloseTo(2 * 1.6448536 * LABEL_SPREAD.loose, 6);
  });

  it('counts whole packs for a need, with delivery once and work for each', () => {
    const found = line(
      { price: 10, pack_L: 40, delivery: 6, minutes: 30, weight_kg: 12 },
      { need_L: 100, hourPrice: 10 },
    );
    expect(found).toMatchObject({ packs: 3, left_L: 20, cost: 51, weight_kg: 36 });
    expect(found.pricePerL).toBeCloseTo(51 / 120, 12);
  });

  it('does not buy a pack more for a rounding', () => {
    expect(line({ price: 1, pack_L: 0.1 }, { need_L: 0.3 }).packs).toBe(3);
  });

  it('has what is made in the same list, by the litre', () => {
    const { lines } = priceBoard({
      need_L: 90,
      packs: [
        { name: 'bag', price: 10, pack_L: 40 },
        { name: 'own', price: 0.2, kind: 'made' },
      ],
    });
    expect(lines.map(({ name, packs, cost }) => [name, packs, cost])).toEqual([
      ['own', 90, 18],
      ['bag', 3, 30],
    ]);
  });

  it('says who may be level, and how many go by the label', () => {
    const packs = [
      { name: 'b', price: 10, pack_L: 40 },
      { name: 'a', price: 10.2, pack_L: 40 },
    ];
    expect(priceBoard({ packs }).checks.map(({ code }) => code)).toEqual(['level', 'label-only']);
    const poured = packs.map((pack) => ({ ...pack, true_L: 40, true_L_se: 0.05 }));
    expect(priceBoard({ packs: poured }).checks).toEqual([]);
    expect(priceBoard({ packs: [...packs].reverse() })).toEqual(priceBoard({ packs }));
  });

  it.each([
    [{ packs: [] }, 'packs'],
    [{ packs: [{ name: 'a', price: -1, pack_L: 4 }] }, 'packs[0].price'],
    [{ packs: [{ name: 'a', price: 1 }] }, 'packs[0].pack_L'],
    [{ packs: [{ name: 'a', price: 1, form: 'byWeight' as const, weight_kg: 3 }] }, 'packs[0].density_kgL'],
    [{ packs: [{ name: 'a', price: 1, pack_L: 4 }], need_L: 0 }, 'need_L'],
  ])('refuses %#', (input: PriceBoardInput, path) => {
    expect(() => priceBoard(input)).toThrow(expect.objectContaining({ path }) as Error);
  });
});
