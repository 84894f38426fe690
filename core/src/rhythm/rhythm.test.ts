import { describe, expect, it } from 'vitest';
import { PEAT, sampleColumn } from '../testing/sampleColumn';
import { rhythm, rhythmSteps, type RhythmInput } from '.';

const { waterings: _waterings, end_d: _end, reportEvery_d: _every, ...pot } = sampleColumn({ cells: 15 });
const AIRY = [{ from_cm: 0, to_cm: 15, retention: { ...PEAT, alpha_percm: 0.3, n: 1.8 }, ks_cms: 0.05 }];
const WET = [{ from_cm: 0, to_cm: 15, retention: { ...PEAT, alpha_percm: 0.02 }, ks_cms: 0.05 }];
const of = (over: Partial<RhythmInput>) =>
  rhythm({ ...pot, layers: AIRY, potential_mmPerD: 5, every_d: [1, 7, 14], ...over });

describe('the rhythm of watering', () => {
  it('is the least work that keeps the roots inside', () => {
    const { schedules, best_d } = of({});
    expect(best_d).toBe(7);
    expect(schedules.map(({ every_d, keeps }) => [every_d, keeps])).toEqual([
      [1, true],
      [7, true],
      [14, false],
    ]);
    expect(schedules[2]?.dry).toBeGreaterThan(0.1);
  });

  it('gives what is used and a tenth more, however often', () => {
    const [daily, weekly] = of({}).schedules;
    expect(daily?.each_mL).toBeCloseTo((0.5 * (Math.PI / 4) * 256) / 0.9, 6);
    expect(weekly?.each_mL).toBeCloseTo(7 * (daily?.each_mL as number), 6);
    expect((daily?.drainedWeek_mL as number) / (daily?.week_mL as number)).toBeCloseTo(0.1, 2);
  });

  it('comes round sooner in wind than in shade', () => {
    const spacing = (mmPerD: number) => of({ potential_mmPerD: mmPerD, every_d: [1, 2, 3, 4, 5, 7, 10, 14] }).best_d;
    expect(spacing(9)).toBeLessThan(spacing(2) as number);
  });

  it('is none where roots are wet whatever is done, and the nearest is named', () => {
    const wet = of({ layers: WET });
    expect(wet.best_d).toBeUndefined();
    expect(wet.nearest_d).toBe(14);
    expect(wet.schedules[0]?.wet).toBeGreaterThan(0.9);
  });

  it('tells how far it is', () => {
    const steps = rhythmSteps({ ...pot, layers: AIRY, potential_mmPerD: 5, every_d: [1, 2] });
    const told: number[] = [];
    for (let step = steps.next(); step.done !== true; step = steps.next()) told.push(step.value);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.at(-1)).toBeLessThan(1);
  });

  it.each([
    ['every_d', { every_d: [] }],
    ['every_d[0]', { every_d: [0] }],
    ['runoff', { runoff: 1 }],
    ['limits.wet', { limits: { wet: 2, dry: 0 } }],
  ] as const)('is refused at %s', (path, over) => {
    expect(() => of(over as Partial<RhythmInput>)).toThrow(expect.objectContaining({ path }));
  });
});
