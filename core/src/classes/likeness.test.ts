import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { lotCard } from '../lots';
import { pumiceLot } from '../testing/sampleLot';
import {
  findMediaClass,
  isLikeness,
  LIKE_SIZES,
  LIKE_WATERS,
  LIKE_WEIGHTS,
  likenessId,
  likenessOf,
  MEDIA_CLASSES,
  mediaClassById,
  type Likeness,
} from '.';

const ALL: readonly Likeness[] = LIKE_SIZES.flatMap((size) =>
  LIKE_WEIGHTS.flatMap((weight) => LIKE_WATERS.map((water) => ({ size, weight, water }))),
);
const classOf = (likeness: Likeness) => mediaClassById(likenessId(likeness), 'materialClass');
const cardOf = (materialClass: string) => lotCard({ ...pumiceLot([]), materialClass });

describe('stuff that nobody can name', () => {
  it.each(ALL)('like $size, $weight, $water water: has what a blend needs', (likeness) => {
    const { component } = cardOf(likenessId(likeness)).component ?? {};
    expect(component).toBeDefined();
    if (component === undefined) return;
    const {
      air,
      water,
      pH,
      ec_dSm: ec,
    } = blend({
      components: [{ ...component, volume: 1 }],
      container: { height_cm: 15 },
      model: 'packing',
    });
    expect(air).toBeGreaterThan(0);
    expect(water).toBeGreaterThan(0);
    expect([pH, ec].every((one) => one !== undefined)).toBe(true);
  });

  it.each(ALL)('like $size, $weight, $water water: is no surer than any class that it may be', (likeness) => {
    const like = classOf(likeness);
    const names = like.basis.replace('All classes that are like it: ', '').split('; ');
    const may = MEDIA_CLASSES.filter(({ label }) => names.includes(label));
    expect(may).toHaveLength(names.length);
    for (const one of may) {
      expect(like.dryBulkDensity_gcc.range[0]).toBeLessThanOrEqual(one.dryBulkDensity_gcc.range[0]);
      expect(like.dryBulkDensity_gcc.range[1]).toBeGreaterThanOrEqual(one.dryBulkDensity_gcc.range[1]);
      expect(like.retentionSpread.lnAlpha_sd).toBeGreaterThanOrEqual(one.retentionSpread.lnAlpha_sd);
      expect(like.retentionSpread.thetaR_sd).toBeGreaterThanOrEqual(one.retentionSpread.thetaR_sd);
    }
    const { typical, range } = like.d50_mm;
    expect(typical).toBeGreaterThanOrEqual(range[0]);
    expect(typical).toBeLessThanOrEqual(range[1]);
  });

  it('holds the more the more water it is said to hold, and weighs the more', () => {
    const held = LIKE_WATERS.map(
      (water) => classOf({ size: 'rice', weight: 'light', water }).inVessel10cm.water.typical,
    );
    expect(held).toEqual([...held].sort((a, b) => a - b));
    const weights = LIKE_WEIGHTS.map(
      (weight) => classOf({ size: 'pea', weight, water: 'little' }).dryBulkDensity_gcc.typical,
    );
    expect(weights).toEqual([...weights].sort((a, b) => a - b));
  });

  it('says so on its card, and warns of eating from it', () => {
    const { component } = cardOf('like:pea.light.little');
    expect(component?.notes.join(' ')).toMatch(/nobody can name/);
    expect(component?.facts.hazards.join(' ')).toMatch(/nothing to eat/);
    expect(cardOf('pumice-coarse').component?.notes.join(' ')).not.toMatch(/nobody can name/);
  });

  it('is read from its id, and from no other text', () => {
    for (const likeness of ALL) expect(likenessOf(likenessId(likeness))).toEqual(likeness);
    for (const wrong of [
      'like:',
      'like:pea',
      'like:pea.light',
      'like:pea.heavy.some',
      'pea.light.some',
      'pumice-coarse',
    ]) {
      expect(likenessOf(wrong)).toBeUndefined();
      if (wrong !== 'pumice-coarse') expect(findMediaClass(wrong)).toBeUndefined();
    }
    expect(isLikeness('like:pea.light.some')).toBe(true);
    expect(isLikeness('pumice-coarse')).toBe(false);
    expect(isLikeness(undefined)).toBe(false);
  });
});
