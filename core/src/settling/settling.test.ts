import { describe, expect, it } from 'vitest';
import { depthOfShare, settling, SETTLING_ASSUMED, type PotSettlingInput } from '.';

const STRAIGHT = { height_cm: 20 };
const TUB = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };
const of = (over: Partial<PotSettlingInput>) =>
  settling({ container: STRAIGHT, fill_cm: 20, readings: [{ t_d: 0, depth_cm: 18 }], at_d: 0, ...over });

/** Depths of a straight pot whose settling is known. */
const depths = (days: readonly number[], [s0, sInf, k]: readonly [number, number, number]) =>
  days.map((t_d) => ({ t_d, depth_cm: 20 * (1 - s0 - sInf * (1 - Math.exp(-k * t_d))) }));

describe('settling', () => {
  it('of one look is the slump alone', () => {
    const one = of({ at_d: 200 });
    expect(one).toMatchObject({ assumed: ['sInf', 'k_perD'], rmse: 0 });
    expect(one.s0).toBeCloseTo(0.1, 9);
    expect(one.slump_cm).toBeCloseTo(2, 9);
    expect(one.depth_cm).toBeCloseTo(18, 6);
    expect(one.topUp_cm).toBeCloseTo(2, 6);
    expect(one.sInf).toBeUndefined();
    expect(one.volume_L).toBeUndefined();
  });

  it('of a year of looks finds how fast it goes down and how far', () => {
    const made = [0.06, 0.25, 1 / 90] as const;
    const year = of({ readings: depths([0, 30, 90, 180, 365], made), at_d: 365 });
    expect([year.s0, year.sInf, year.k_perD]).toEqual(made.map((one) => expect.closeTo(one, 6) as number));
    expect(year.kept).toBeCloseTo(1 - 0.06 - 0.25 * (1 - Math.exp(-365 / 90)), 8);
    expect(year.assumed).toEqual([]);
  });

  it('of two looks takes the pace as assumed, and says so', () => {
    const made = [0.05, 0.2, SETTLING_ASSUMED.k_perD] as const;
    const two = of({ readings: depths([0, 90], made), at_d: 180 });
    expect(two.assumed).toEqual(['k_perD']);
    expect(two.sInf).toBeCloseTo(0.2, 6);
  });

  it('goes by volume in a pot that tapers', () => {
    const tub = of({ container: TUB, fill_cm: 25, readings: [{ t_d: 0, depth_cm: 22 }] });
    expect(tub.s0).toBeGreaterThan(3 / 25);
    expect(tub.topUp_L).toBeCloseTo((Math.PI / 12) * 3 * (28 ** 2 + 28 * 27.28 + 27.28 ** 2) * (1 / 1000), 2);
    expect(tub.volume_L).toBeGreaterThan(10);
    expect(depthOfShare(TUB, 1)).toBe(25);
    expect(depthOfShare(TUB, 0)).toBe(0);
  });

  it('takes off what was topped up, and counts it as there', () => {
    const topped = of({
      readings: [
        { t_d: 0, depth_cm: 18 },
        { t_d: 60, depth_cm: 17 },
        { t_d: 120, depth_cm: 18.5 },
      ],
      toppedUp: [{ t_d: 60, from_cm: 17, to_cm: 19.5 }],
      at_d: 120,
    });
    expect(topped.kept).toBeCloseTo((18.5 - 2.5) / 20, 2);
    expect(topped.depth_cm).toBeCloseTo(18.5, 0);
  });

  it('loses air first, and never less than all of it', () => {
    const made = [0, 0.2, 1 / 90] as const;
    const late = { readings: depths([0, 30, 90, 180, 365], made), at_d: 1e4 };
    expect(of({ ...late, air: 0.3 }).air).toBeCloseTo((0.3 - 0.2) / 0.8, 4);
    expect(of({ ...late, air: 0.1 }).air).toBe(0);
  });

  it('asks where a medium rose by itself', () => {
    const risen = of({
      readings: [
        { t_d: 0, depth_cm: 17 },
        { t_d: 30, depth_cm: 18.5 },
      ],
    });
    expect(risen.checks.map(({ code }) => code)).toEqual(['risen']);
  });

  it.each([
    ['readings', { readings: [] }],
    ['readings[0].depth_cm', { readings: [{ t_d: 0, depth_cm: 21 }] }],
    [
      'readings[1].t_d',
      {
        readings: [
          { t_d: 9, depth_cm: 18 },
          { t_d: 3, depth_cm: 18 },
        ],
      },
    ],
    ['fill_cm', { fill_cm: 30 }],
    ['toppedUp[0].from_cm', { toppedUp: [{ t_d: 3, from_cm: 18, to_cm: 17 }] }],
    ['air', { air: 2 }],
  ] as const)('is refused at %s', (path, over) => {
    expect(() => of(over)).toThrow(expect.objectContaining({ path }));
  });
});
