import { describe, expect, it } from 'vitest';
import { daily, last, PEAT, POT, sampleColumn } from '../testing/sampleColumn';
import { column, type ColumnInput, type ColumnReport } from '.';

const AREA_CM2 = (Math.PI / 4) * 16 ** 2;
/** Of an airy medium, so that no root is held back. */
const AIRY = [{ from_cm: 0, to_cm: 15, retention: { ...PEAT, alpha_percm: 0.8, n: 1.6 }, ks_cms: 0.1 }];
const at = (reports: readonly ColumnReport[], t_d: number): ColumnReport => {
  const found = reports.find((one) => Math.abs(one.t_d - t_d) < 1e-9);
  if (found === undefined) throw new Error(`nothing is told of day ${String(t_d)}`);
  return found;
};

describe('a watering', () => {
  it('ends when so much of it has run out', () => {
    const poured = { at_d: 0.5, volume_mL: 3000, over_s: 1800 };
    const of = (untilRunoff: number): ColumnReport =>
      last(column(sampleColumn({ start: { head_cm: 60 }, waterings: [{ ...poured, untilRunoff }] })));
    const [few, more] = [of(0.05), of(0.3)];
    expect(few.added_mL).toBeLessThan(more.added_mL);
    expect(more.added_mL).toBeLessThan(3000);
    // What was on its way runs out after the can is down.
    expect(few.drained_mL / few.added_mL).toBeGreaterThan(0.05);
  });

  it('is told with what it gave, when it first dripped, and what ran out', () => {
    const { poured, reports } = column(sampleColumn({ waterings: daily(2, 400), end_d: 3 }));
    expect(poured.map(({ at_d, given_mL }) => [at_d, Math.round(given_mL)])).toEqual([
      [0.3, 400],
      [1.3, 400],
    ]);
    expect(poured[0]?.firstDrip_s).toBeGreaterThan(0);
    expect(poured[0]?.firstDrip_s).toBeLessThan(600);
    const ran = poured.reduce((sum, { runoff_mL }) => sum + runoff_mL, 0);
    expect(ran).toBeCloseTo(last({ reports }).drained_mL, 1);
    const dry = column(sampleColumn({ start: { head_cm: 300 }, waterings: daily(1, 50), end_d: 1 }));
    expect(dry.poured[0]?.firstDrip_s).toBeUndefined();
  });

  it('comes where somebody looks and the pot is light, and not before', () => {
    const thirsty = {
      layers: AIRY,
      potential_mmPerD: 6,
      whenDry: { below: 0.8, at_h: 7, volume_mL: 400, over_s: 60 },
      end_d: 10,
      reportEvery_d: 1 / 24,
    };
    const { poured, reports } = column(sampleColumn(thirsty));
    const full_mL = (reports[0] as ColumnReport).storage_mL;
    expect(poured.length).toBeGreaterThan(0);
    for (const { at_d } of poured) {
      expect(at_d % 1).toBeCloseTo(7 / 24, 9);
      expect(at(reports, at_d).storage_mL).toBeLessThan(0.8 * full_mL);
    }
    const [first] = poured;
    const before = at(reports, (first?.at_d as number) - 1);
    expect(before.storage_mL).toBeGreaterThan(0.8 * full_mL);
  });

  it('runs past a dry medium that repels it, and goes in once it is wet', () => {
    const of = (more: Partial<ColumnInput>): readonly ColumnReport[] =>
      column(sampleColumn({ start: { theta: 0.2 }, waterings: daily(4, 500), end_d: 4, ...more })).reports;
    const kind = of({});
    const shy = of({ repellence: { lost: 0.6, below: 0.3 } });
    expect((shy[1] as ColumnReport).drained_mL).toBeCloseTo(0.6 * 500, 0);
    expect((kind[1] as ColumnReport).drained_mL).toBeCloseTo(0, 0);
    // The second finds it nearly wet: only its beginning runs past.
    const second = (shy[2] as ColumnReport).drained_mL - (shy[1] as ColumnReport).drained_mL;
    expect(second).toBeLessThan(0.6 * 500 - 100);
  });

  it('rises from a saucer to where the pot drained from, and counts as given', () => {
    const dry = sampleColumn({ start: { head_cm: 100 }, end_d: 3, reportEvery_d: 0.5 });
    const { reports, balanceError_mL, profile } = column({
      ...dry,
      fromBelow: [{ at_d: 0.5, level_cm: 3, for_s: 2 * 86400 }],
    });
    expect(at(reports, 0.5).added_mL).toBe(0);
    expect(at(reports, 2.5).added_mL).toBeGreaterThan(200);
    expect(at(reports, 2.5).drained_mL).toBeLessThan(0.1);
    // Tipped out, what stood in it drips.
    expect(last({ reports }).drained_mL).toBeGreaterThan(1);
    expect(profile[0]?.theta).toBeGreaterThan(0.85);
    expect(Math.abs(balanceError_mL)).toBeLessThan(1e-6);
  });
});

describe('what the air takes', () => {
  it('is by day, in the course of a half sine, and as much as steadily', () => {
    const days = sampleColumn({ layers: AIRY, potential_mmPerD: 4, rootDepth_cm: 8, end_d: 2, reportEvery_d: 1 / 24 });
    const { reports } = column({ ...days, daylight_h: [6, 18] });
    const used = (h: number): number => at(reports, h / 24).used_mL;
    const whole = (0.8 * 4 * AREA_CM2) / 10;
    expect(used(6)).toBe(0);
    expect(used(12)).toBeCloseTo(whole / 2, 1);
    expect(used(9)).toBeCloseTo((whole * (1 - Math.SQRT1_2)) / 2, 1);
    expect(used(18)).toBeCloseTo(whole, 1);
    expect(used(24)).toBeCloseTo(whole, 1);
    expect(used(48)).toBeCloseTo(2 * whole, 0);
  });

  it('goes through a wet clay wall, on its area', () => {
    const clay = sampleColumn({ wall_mmPerD: 2, layers: AIRY, end_d: 1 });
    const slope = Math.hypot(POT.height_cm, (POT.topDiameter_cm - POT.baseDiameter_cm) / 2);
    const wall_cm2 = Math.PI * ((POT.topDiameter_cm + POT.baseDiameter_cm) / 2) * slope;
    expect(last(column(clay)).evaporated_mL).toBeCloseTo(0.2 * wall_cm2, 1);
    const parched = column({ ...clay, start: { head_cm: 8000 } });
    expect(last(parched).evaporated_mL).toBeCloseTo(0, 6);
  });
});
