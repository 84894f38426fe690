import { describe, expect, it } from 'vitest';
import { minedShare, origins, potOutlook, type PotOutlookInput } from '.';

const pot: PotOutlookInput = {
  container: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
  bulkDensity_gcc: 0.2,
  water: 0.5,
  waterAtEasy: 0.3,
  use_mmPerD: 2.5,
};

describe('a filled pot', () => {
  it('weighs its medium, its water and itself', () => {
    const straight = potOutlook({ ...pot, container: { height_cm: 20 }, volume_L: 10, fill: 1, pot_kg: 0.5 });
    expect(straight).toMatchObject({ medium_L: 10, dry_kg: 2.5, wet_kg: 7.5 });
    expect(straight.easy_mL).toBeCloseTo(2000, 9);
    // 10 L over 20 cm: 500 cm2, a millimetre of which is 50 mL.
    expect(straight.use_mLPerD).toBeCloseTo(125, 9);
    expect(straight.days).toBeCloseTo(16, 9);
  });

  it('takes its volume and its top from its diameters', () => {
    const { medium_L, days, easy_mL, use_mLPerD } = potOutlook(pot);
    expect(medium_L).toBeCloseTo((0.92 * (Math.PI / 12) * 25 * (22 * 22 + 22 * 28 + 28 * 28)) / 1000, 9);
    expect(days).toBeCloseTo(easy_mL / use_mLPerD, 9);
    expect(potOutlook({ ...pot, use_mmPerD: 5 }).days).toBeCloseTo(days / 2, 9);
  });

  it('costs by the litre, and warns of weight and load', () => {
    expect(potOutlook({ ...pot, fill: 1, pricePerL: 0.3 }).price).toBeCloseTo(
      0.3 * potOutlook({ ...pot, fill: 1 }).medium_L,
      9,
    );
    expect(potOutlook(pot).checks).toEqual([]);
    const heavy = potOutlook({ ...pot, bulkDensity_gcc: 1.9, potsPerM2: 6, limit_kgPerM2: 120 });
    expect(heavy.load_kgPerM2).toBeCloseTo(6 * heavy.wet_kg, 9);
    expect(heavy.checks.map(({ code }) => code)).toEqual(['heavy', 'load']);
  });

  it('never has less than no easy water', () => {
    expect(potOutlook({ ...pot, water: 0.2 })).toMatchObject({ easy_mL: 0, days: 0 });
  });

  it.each([
    [{ container: { height_cm: 20 } }, 'volume_L'],
    [{ use_mmPerD: 0 }, 'use_mmPerD'],
    [{ fill: 1.2 }, 'fill'],
    [{ water: 1.4 }, 'water'],
  ])('refuses %j', (wrong, path) => {
    expect(() => potOutlook({ ...pot, ...(wrong as object) })).toThrow(`invalid ${path}`);
  });
});

describe('where a blend is from', () => {
  it('sums parts of one origin, largest first, and what was dug', () => {
    const shares = origins([
      { name: 'Pumice', volume: 1, source: 'mined', renewable: 'no' },
      { name: 'Bark', volume: 3, source: 'by-product', renewable: 'yes' },
      { name: 'Coir', volume: 3, source: 'by-product', renewable: 'yes' },
      { name: 'Perlite', volume: 1, source: 'manufactured', renewable: 'mined mineral' },
      { name: 'None', volume: 0 },
    ]);
    expect(shares[0]).toEqual({ source: 'by-product', renewable: 'yes', share: 0.75, names: ['Bark', 'Coir'] });
    expect(minedShare(shares)).toBeCloseTo(0.25, 12);
  });
});
