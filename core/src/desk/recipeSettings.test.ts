import { describe, expect, it } from 'vitest';
import { bands } from '../bands';
import { lotCard, type LotComponent } from '../lots';
import { pumiceLot } from '../testing/sampleLot';
import { deskBandsInput, deskDoses, deskNutrientsInput, lineEffects, predictDesk, recipeSettings } from '.';
import { nutrients } from '../feeding';

const lotOf = (materialClass: string): LotComponent =>
  lotCard({ ...pumiceLot([]), materialClass }).component as LotComponent;
const lines = [
  { parts: 3, lot: lotOf('bark-fine') },
  { parts: 1, lot: lotOf('coir-pith') },
];
const plain = { pot: { height_cm: 15 }, model: 'packing', lime_meqPerL: 0 } as const;
const ash = { name: 'Wood ash', gPerL: 2, classId: 'wood-ash' };
const deskOf = (more: object = {}) => ({ lines, ...recipeSettings({ ...plain, ...more }) });

describe('what is dosed to a recipe', () => {
  const bare = predictDesk(deskOf()).result;
  const limed = predictDesk(deskOf({ lime_meqPerL: 18 })).result;
  const dosed = predictDesk(deskOf({ additives: [ash] })).result;

  it('enters pH as its lime and EC as its salt, and nothing else', () => {
    expect(dosed.pH).toBeCloseTo(limed.pH as number, 12);
    expect(dosed.ec_dSm).toBeCloseTo((bare.ec_dSm as number) + 0.4, 12);
    expect([dosed.air, dosed.water, dosed.bulkDensity_gcc]).toEqual([bare.air, bare.water, bare.bulkDensity_gcc]);
  });

  it('adds to lime that the recipe names, and changes nothing without a class', () => {
    expect(recipeSettings({ ...plain, lime_meqPerL: 4, additives: [ash] }).lime_meqPerL).toBe(22);
    expect(deskOf({ additives: [{ name: 'Fairy dust', gPerL: 3 }] })).toEqual(deskOf());
  });

  it('widens the bands of pH and EC by what is not known of it', () => {
    const width = (more: object, key: 'pH' | 'ec_dSm' | 'air'): number => {
      const found = bands({ ...deskBandsInput(deskOf(more), undefined, 'air'), draws: 300 })[key];
      return (found?.p95 ?? 0) - (found?.p5 ?? 0);
    };
    for (const key of ['pH', 'ec_dSm'] as const)
      expect(width({ additives: [ash] }, key)).toBeGreaterThan(width({}, key));
    expect(width({ additives: [{ ...ash, gPerL_se: 1.2 }] }, 'pH')).toBeGreaterThan(width({ additives: [ash] }, 'pH'));
    expect(width({ additives: [ash] }, 'air')).toBeCloseTo(width({}, 'air'), 1);
  });

  it('is no doing of a line: what each line does stays', () => {
    const effect = lineEffects(deskOf({ additives: [ash] }))[0];
    expect(effect?.ec_dSm).toBeCloseTo(lineEffects(deskOf())[0]?.ec_dSm as number, 12);
  });

  it('feeds the blend', () => {
    const desk = deskOf();
    const food = deskDoses({ additives: [{ name: 'Bone meal', gPerL: 2, classId: 'bone-meal' }] }, undefined);
    const input = deskNutrientsInput(desk, predictDesk(desk), {
      feeder: 'medium',
      fed_mgL: food.nitrogen_mgL,
      dosed: food,
    });
    const found = nutrients(input).judged;
    expect(found.find(({ element }) => element === 'nitrogen')?.mgL).toBeCloseTo(60, 9);
    expect(found.find(({ element }) => element === 'labPhosphorus')?.mgL).toBeCloseTo(190, 9);
  });

  it('is held against how far the plants of the use are', () => {
    const said = (id: string, height_cm: number) =>
      deskDoses({ additives: [ash] }, { id, container: { height_cm } }).checks.map(({ message }) => message);
    expect(said('seed-plugs', 4)[0]).toMatch(/not for seedlings/);
    expect(said('cuttings', 8)[0]).toMatch(/young plants/);
    expect(said('shrubs-outdoor', 20)).toEqual([]);
  });
});
