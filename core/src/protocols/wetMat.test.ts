import { describe, expect, it } from 'vitest';
import { reduceRun } from '../runs';
import { runOf } from '../testing/sampleLot';
import { matUptake } from '../wetting';

const sheet = { before: [800, 810, 790], minutes: [60, 60, 45], after: [890, 905, 860] };

describe('water drawn up from a wet mat', () => {
  it('is what was gained, for each litre and hour', () => {
    expect(matUptake({ before_g: 800, after_g: 890, volume_mL: 1000, time_min: 45 }).uptake_gLh).toBeCloseTo(120, 10);
  });

  it('is the same for twice the pot that draws twice as much', () => {
    const one = matUptake({ before_g: 500, after_g: 560, volume_mL: 700, time_min: 60 }).uptake_gLh;
    expect(matUptake({ before_g: 1000, after_g: 1120, volume_mL: 1400, time_min: 60 }).uptake_gLh).toBeCloseTo(one, 10);
  });

  it('becomes a property of the run with the working of each pot', () => {
    const run = runOf('wet-mat', sheet);
    const [uptake] = reduceRun(run).properties;
    expect(uptake).toMatchObject({ property: 'matUptake_gLh', summary: { n: 3 } });
    expect(uptake?.values[2]?.working).toMatchObject({ text: 'mat-uptake.uptake_gLh', method: 'mat-uptake@1' });
  });

  it('is not given for a pot that lost weight: its sheet says so', () => {
    const { properties, checks } = reduceRun(runOf('wet-mat', { ...sheet, after: [890, 905, 780] }));
    expect(properties[0]?.summary?.n).toBe(2);
    expect(checks).toMatchObject([{ severity: 'fault', replicate: 2 }]);
    expect(checks[0]?.message).toContain('lost water on the mat');
  });

  it.each([
    ['volume_mL', { volume_mL: 0 }],
    ['time_min', { time_min: 0 }],
    ['time_min', { time_min: 2000 }],
    ['before_g', { before_g: -1 }],
  ])('refuses what cannot be: %s', (path, part) => {
    const input = { before_g: 800, after_g: 890, volume_mL: 1000, time_min: 60, ...part };
    expect(() => matUptake(input)).toThrow(expect.objectContaining({ path }));
  });
});
