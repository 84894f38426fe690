import { describe, expect, it } from 'vitest';
import { BATCH, batchPlan, type BatchLine, type BatchPlanInput } from '.';

const line = (name: string, materialClass: string, more: Partial<BatchLine> = {}, facts = {}): BatchLine => ({
  name,
  loose_L: 10,
  take_L: 10,
  dryBulkDensity_gcc: 0.2,
  ...more,
  facts: { nutrients_mgL: {}, hazards: [], materialClass, ...facts },
});
const plan = (lines: readonly BatchLine[], more: Partial<BatchPlanInput> = {}) =>
  batchPlan({ lines, made_L: 18, water: 0.5, powders: [], ...more });

describe('a batch as work', () => {
  it('asks for nothing but the mixing where all is ready', () => {
    expect(plan([line('Sand', 'sand-coarse')]).tasks.map(({ kind }) => kind)).toEqual(['mix']);
  });

  it('puts what takes longest first, and tests again when lime went in', () => {
    const { tasks } = plan(
      [
        line('Coir block', 'coir-pith', { ec_dSm: 1.4 }, { expansion_LperKg: 14, prepWater_L: 0.4, hazards: ['dust'] }),
        line('Bark', 'bark-graded', {}, { wettability: 'strong when dry; soak' }),
        line('Pumice', 'pumice-coarse', { take_L: 14, stock_L: 4, unit_L: 8 }, { sieveYield: 0.7 }),
      ],
      { powders: [{ name: 'ground limestone', g: 45, limes: true }] },
    );
    expect(tasks.map(({ kind }) => kind)).toEqual([
      'buy',
      'rinse',
      'break',
      'moisten',
      'sieve',
      'damp',
      'mix',
      'retest',
    ]);
    const say = (kind: string): string | undefined => tasks.find((task) => task.kind === kind)?.what;
    expect(say('buy')).toBe('Get 10 L of Pumice, 2 × 8.0 L');
    expect(say('break')).toBe('Soak 0.7 kg of Coir block in 4.0 L of water, fluff it');
    expect(say('mix')).toContain('45.0 g of ground limestone');
  });

  it('puts powders first and what breaks last', () => {
    const { order } = plan(
      [
        line('Perlite', 'perlite-coarse'),
        line('Loam', 'loam'),
        line('Sand', 'sand-coarse'),
        line('Peat', 'peat-light-fine'),
      ],
      { powders: [{ name: 'lime', g: 3, limes: true }] },
    );
    expect(order.slice(1)).toEqual(['Peat', 'Loam', 'Sand', 'Perlite']);
    expect(order[0]).toContain('lime');
  });

  it('waters to handling moisture, less what the parts bring', () => {
    const wet = line('Bark', 'bark-fine', {}, { moisture: 0.5 });
    const found = plan([wet, line('Peat', 'peat-light-fine')]);
    // 10 L of 0.2 g/mL at half water by weight bring 2 L.
    expect(found.there_L).toBeCloseTo(2, 9);
    expect(found.water_L).toBeCloseTo(BATCH.handling * 0.5 * 18 - 2, 9);
    expect(found.takenAsDry).toEqual(['Peat']);
    expect(plan([{ ...wet, loose_L: 100 }]).water_L).toBe(0);
  });

  it('refuses what is no batch', () => {
    expect(() => plan([])).toThrow('invalid lines');
    expect(() => plan([line('Sand', 'sand-coarse')], { made_L: 0 })).toThrow('invalid made_L');
    expect(() => plan([line('Mud', 'loam', {}, { moisture: 1 })])).toThrow('facts.moisture');
  });
});
