import { describe, expect, it } from 'vitest';
import { DOSED_CLASSES } from '../classes';
import { DOSE_SPREAD, doses, handfulDose, type DosedStuff } from '.';

const ash = (gPerL: number, more: Partial<DosedStuff> = {}): DosedStuff => ({
  name: 'Wood ash',
  gPerL,
  classId: 'wood-ash',
  ...more,
});

describe('what is dosed', () => {
  it('neutralises, salts and feeds by the gram', () => {
    const found = doses({ stuffs: [ash(2)], stage: 'established' });
    expect(found).toMatchObject({
      lime_meqPerL: 18,
      salt_dSm: 0.4,
      nitrogen_mgL: 0,
      phosphorus_mgL: 25,
      potassium_mgL: 100,
    });
    expect(found.lime_meqPerL_se).toBeCloseTo(18 * DOSE_SPREAD, 12);
  });

  it('is as uncertain as the hand that took it, and no less than its class', () => {
    const { lime_meqPerL_se } = doses({ stuffs: [ash(2, { gPerL_se: 0.8 })], stage: 'established' });
    expect(lime_meqPerL_se).toBeCloseTo(18 * Math.hypot(0.3, 0.4), 12);
  });

  it('adds up over several, and a sulphur takes off what an ash brought', () => {
    const both = doses({ stuffs: [ash(1), { name: 'Sulphur', gPerL: 0.1, classId: 'sulphur' }], stage: 'established' });
    expect(both.lime_meqPerL).toBeLessThan(9);
    expect(both.lime_meqPerL).toBeGreaterThan(0);
  });

  it('counts for nothing without a class, or at no dose', () => {
    for (const stuffs of [[], [ash(0)], [{ name: 'Fairy dust', gPerL: 5 }]])
      expect(doses({ stuffs, stage: 'seed' })).toMatchObject({
        lime_meqPerL: 0,
        salt_dSm: 0,
        nitrogen_mgL: 0,
        checks: [],
      });
  });

  it('takes the nitrogen of its own label before that of its class', () => {
    const meal: DosedStuff = { name: 'Bone meal', gPerL: 2, classId: 'bone-meal' };
    expect(doses({ stuffs: [meal], stage: 'established' }).nitrogen_mgL).toBe(60);
    expect(doses({ stuffs: [{ ...meal, n_percent: 4 }], stage: 'established' }).nitrogen_mgL).toBe(80);
  });

  it.each([
    ['seed', 0, []],
    ['seed', 0.1, ['Wood ash is not for seedlings.']],
    ['young', 1, []],
    ['young', 1.1, ['1.1 g/L of Wood ash is more than the 1 g/L that young plants bear.']],
    ['established', 2, []],
    ['established', 2.5, ['2.5 g/L of Wood ash is more than the 2 g/L that established plants bear.']],
  ] as const)('is held against what plants bear: %s, %d g/L', (stage, gPerL, said) => {
    expect(doses({ stuffs: [ash(gPerL)], stage }).checks.map(({ message }) => message)).toEqual(said);
  });

  it('refuses a negative dose and an unknown class at their place', () => {
    expect(() => doses({ stuffs: [ash(1), ash(-1)], stage: 'seed' })).toThrow(
      expect.objectContaining({ path: 'stuffs[1].gPerL' }),
    );
    expect(() => doses({ stuffs: [ash(1, { classId: 'stardust' })], stage: 'seed' })).toThrow(
      expect.objectContaining({ path: 'stuffs[0].classId' }),
    );
  });

  it('bears more the further a plant is, for every class', () => {
    for (const { most_gPerL: most } of DOSED_CLASSES) {
      expect(most.young).toBeGreaterThanOrEqual(most.seed);
      expect(most.established).toBeGreaterThanOrEqual(most.young);
    }
  });
});

describe('a handful', () => {
  it('is as wide as hands are until it was weighed', () => {
    // Wood ash: 25 to 50 g.
    expect(handfulDose('wood-ash', 0.1)).toEqual({ gPerL: 3.75, gPerL_se: 0.625 });
    expect(handfulDose('wood-ash', 0.1, 31)).toEqual({ gPerL: 3.1 });
    expect(handfulDose('stardust', 0.1)).toBeUndefined();
  });
});
