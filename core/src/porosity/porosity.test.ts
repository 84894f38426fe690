import { describe, expect, it } from 'vitest';
import { CoreError } from '../errors';
import { expectedPorosity, porosity, type PorosityInput, type PorosityReplicate } from '.';

const vessel = { volume_mL: 1000, height_cm: 10 };
const plain: PorosityReplicate = { tare_g: 100, saturated_g: 1000, drained_g: 700, dryTray_g: 0, dry_g: 300 };
const run = (replicate: Partial<PorosityReplicate>, more: Partial<PorosityInput> = {}) =>
  porosity({ vessel, replicates: [{ ...plain, ...replicate }], ...more });
const codes = (result: ReturnType<typeof porosity>) => result.checks.map((check) => check.code);

describe('saturate, drain, dry', () => {
  it('gives the figures worked out by hand: 600 g of water in 1000 mL at 0.998203 g/mL', () => {
    const [figures] = run({ filled_g: 460 }).replicates;
    expect(figures?.totalPorosity).toBeCloseTo(0.60108, 5);
    expect(figures?.containerCapacity).toBeCloseTo(0.30054, 5);
    expect(figures?.airSpace).toBeCloseTo(0.30054, 5);
    expect(figures?.bulkDensity_gcc).toBeCloseTo(0.3, 12);
    expect(figures?.particleDensity_gcc).toBeCloseTo(0.3 / (1 - 0.60108), 4);
    expect(figures?.gravimetricWater_gg).toBeCloseTo(1, 12);
    expect(figures?.asReceivedMoisture).toBeCloseTo(60 / 360, 12);
    expect(figures?.shrinkage).toBe(0);
  });

  it('states every fraction for the settled volume', () => {
    const [figures] = run({ settledDepth_cm: 9.5 }).replicates;
    expect(figures?.mediumVolume_mL).toBeCloseTo(950, 9);
    expect(figures?.shrinkage).toBeCloseTo(0.05, 12);
    expect(figures?.airSpace).toBeCloseTo(300 / 0.9982031 / 950, 6);
  });

  it('takes the frustum below the settled depth of a tapered vessel', () => {
    const tapered = { volume_mL: 1000, height_cm: 10, topDiameter_cm: 13, baseDiameter_cm: 9 };
    const [figures] = run({ settledDepth_cm: 9 }, { vessel: tapered }).replicates;
    const level = 9 + 4 * 0.9;
    const share = (9 * (81 + 9 * level + level * level)) / (10 * (81 + 117 + 169));
    expect(figures?.mediumVolume_mL).toBeCloseTo(1000 * share, 9);
  });

  it('closes: porosity is capacity plus air, to 1e-12, and the masses come back to 1e-9', () => {
    const result = run({
      saturated_g: 1152.37,
      drained_g: 871.93,
      dry_g: 251.11,
      dryTray_g: 12.3,
      settledDepth_cm: 9.83,
    });
    const [figures] = result.replicates;
    if (figures === undefined) throw new Error('no figures');
    expect(figures.totalPorosity).toBeCloseTo(figures.containerCapacity + figures.airSpace, 12);
    const water_g = figures.containerCapacity * figures.mediumVolume_mL * result.waterDensity_gcc;
    expect(Math.abs(water_g + figures.bulkDensity_gcc * figures.mediumVolume_mL - (871.93 - 100))).toBeLessThan(1e-9);
  });

  it('summarises each property over the replicates that have it', () => {
    const { summary } = porosity({
      vessel,
      replicates: [{ ...plain, filled_g: 460 }, { ...plain, drained_g: 710 }, plain],
    });
    expect(summary.airSpace?.n).toBe(3);
    expect(summary.asReceivedMoisture).toEqual({ mean: 60 / 360, n: 1 });
  });

  it('uses the density of warm water where the water was warm', () => {
    expect(run({}, { waterTemp_C: 30 }).waterDensity_gcc).toBeCloseTo(0.99565, 4);
  });
});

describe('checks of saturate, drain, dry', () => {
  it('are silent on three good replicates', () => {
    const good = { ...plain, drained_mL: 299 };
    expect(
      porosity({ vessel, replicates: [good, { ...good, drained_g: 705 }, { ...good, drained_g: 697 }] }).checks,
    ).toEqual([]);
  });

  it.each<[string, Partial<PorosityReplicate>, Partial<PorosityInput>]>([
    ['porosity-high', { saturated_g: 1395, drained_g: 1200, dry_g: 310 }, {}],
    ['porosity-low', { saturated_g: 600, drained_g: 520 }, {}],
    ['porosity-impossible', { saturated_g: 1500, drained_g: 1300 }, {}],
    ['particle-density', {}, { materialClass: 'pumice-coarse' }],
    ['trapped-air', { dry_g: 100 }, { materialClass: 'peat-light-fine', organicFraction: 0.95 }],
    ['unfilled-pores', { dry_g: 200 }, { materialClass: 'bark-graded', organicFraction: 0.95 }],
    ['drainage-differs', { drained_mL: 280 }, {}],
    ['filled-below-dry', { filled_g: 390 }, {}],
    ['no-spread', {}, {}],
  ])('%s', (code, replicate, more) => {
    expect(codes(run(replicate, more))).toContain(code);
  });

  it('leaves a figure out, with a check, instead of giving nonsense', () => {
    const impossible = run({ saturated_g: 1500, drained_g: 1300 });
    expect(impossible.replicates[0]).not.toHaveProperty('particleDensity_gcc');
    expect(codes(impossible)).toContain('no-particle-density');
  });

  it('allows 3 % or 5 mL between jug and scale, whichever is more', () => {
    expect(codes(run({ drained_mL: 300.54 * 0.972 }))).not.toContain('drainage-differs');
    expect(codes(run({ drained_mL: 300.54 * 0.968 }))).toContain('drainage-differs');
  });

  it('says that replicates differ only above the allowed SD', () => {
    const spread = (by: number) => codes(porosity({ vessel, replicates: [plain, { ...plain, drained_g: 700 + by }] }));
    // Air of 0.30 is allowed an SD of 0.030, capacity 0.020: 40 g apart is an SD of 0.028.
    expect(spread(10)).not.toContain('replicate-spread');
    expect(spread(40)).toContain('replicate-spread');
  });

  it('expects the porosity of EN 13041: 0.1 g/mL of pure organic matter leaves 1 - 0.1/1.55', () => {
    expect(expectedPorosity(0.1, 1)).toBeCloseTo(1 - 0.1 / 1.55, 12);
    expect(expectedPorosity(0.265, 0)).toBeCloseTo(0.9, 12);
  });
});

describe('masses that no bench can give', () => {
  it.each<[string, Partial<PorosityReplicate>]>([
    ['replicates[0].tare_g', { tare_g: -1 }],
    ['replicates[0].saturated_g', { saturated_g: 100 }],
    ['replicates[0].drained_g', { drained_g: 1000.1 }],
    ['replicates[0].dry_g', { dry_g: 0 }],
    ['replicates[0].dry_g', { dry_g: 601 }],
    ['replicates[0].filled_g', { filled_g: 99 }],
    ['replicates[0].drained_mL', { drained_mL: -2 }],
    ['replicates[0].settledDepth_cm', { settledDepth_cm: 10.2 }],
    ['replicates[0].settledDepth_cm', { settledDepth_cm: 0 }],
  ])('are refused at %s: %j', (path, replicate) => {
    expect(() => run(replicate)).toThrow(CoreError);
    try {
      run(replicate);
    } catch (error) {
      expect((error as CoreError).path).toBe(path);
    }
  });

  it('a volume of zero, no replicate, 13 replicates and an unknown class are refused at their field', () => {
    expect(() => run({}, { vessel: { volume_mL: 0, height_cm: 10 } })).toThrow(/invalid vessel\.volume_mL/);
    expect(() => porosity({ vessel, replicates: [] })).toThrow(/invalid replicates/);
    expect(() => porosity({ vessel, replicates: Array.from({ length: 13 }, () => plain) })).toThrow(/13 replicates/);
    expect(() => run({}, { materialClass: 'moon-dust' })).toThrow(/unknown materialClass/);
  });
});
