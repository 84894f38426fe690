import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { containerCapacity, type Retention } from '../retention';
import { COARSE, daily, last, PEAT, POT, sampleColumn } from '../testing/sampleColumn';
import { column, followColumn, type ColumnInput } from '.';

const AREA_CM2 = (Math.PI / 4) * 16 ** 2;
const input = sampleColumn;
describe('a column', () => {
  it('ends after a long drain as the pot’s container capacity has it', () => {
    const drained = column(input({ start: { head_cm: 0 }, end_d: 30, reportEvery_d: 30 }));
    const { air } = containerCapacity({ retention: PEAT, container: POT });
    expect(last(drained).air).toBeCloseTo(air, 4);
    for (const { z_cm, theta } of drained.profile)
      expect(theta).toBeCloseTo(0.1 + 0.8 / Math.sqrt(1 + (0.1 * z_cm) ** 2), 4);
  });

  it('stays as it is where nothing comes and nothing is taken', () => {
    const still = column(input());
    expect(last(still).drained_mL).toBeCloseTo(0, 3);
    expect(last(still).storage_mL).toBeCloseTo(still.reports[0]?.storage_mL as number, 3);
  });

  it('hangs on a mat by its suction, and draws from it when it is drier', () => {
    const onMat = column(input({ base: { suction_cm: 5 }, end_d: 30, reportEvery_d: 30 }));
    const { air } = containerCapacity({ retention: PEAT, container: POT, baseSuction_cm: 5 });
    expect(last(onMat).air).toBeCloseTo(air, 3);
    const dry = column(input({ base: { suction_cm: 5 }, start: { head_cm: 60 }, end_d: 30, reportEvery_d: 30 }));
    expect(last(dry).drained_mL).toBeLessThan(-100);
    expect(last(dry).air).toBeCloseTo(air, 2);
  });

  it('loses and gains no water', () => {
    const fed = column(input({ potential_mmPerD: 5, waterings: daily(14, 150), end_d: 14 }));
    expect(last(fed).added_mL).toBeCloseTo(14 * 150, 6);
    expect(Math.abs(fed.balanceError_mL)).toBeLessThan(1e-6);
  });

  it('holds the same with half the slices', () => {
    const of = (cells: number): number =>
      last(column(input({ cells, potential_mmPerD: 5, waterings: daily(7, 150), end_d: 7 }))).storage_mL;
    expect(Math.abs(of(30) / of(60) - 1)).toBeLessThan(0.003);
  });

  it('runs over where more is poured than it takes', () => {
    const slow = input({
      layers: [{ from_cm: 0, to_cm: 15, retention: PEAT, ks_cms: 1e-5 }],
      waterings: [{ at_d: 0.1, volume_mL: 1000, over_s: 10 }],
      headspace_cm: 1,
    });
    const poured = last(column(slow));
    expect(poured.overflow_mL).toBeGreaterThan(1000 - AREA_CM2 - 100);
    expect(poured.added_mL).toBeCloseTo(1000, 6);
  });

  it('gives roots what they ask while it is easy, and the air its share', () => {
    const airy = [{ from_cm: 0, to_cm: 15, retention: { ...PEAT, alpha_percm: 0.8, n: 1.6 }, ks_cms: 0.1 }];
    const fed = last(
      column(input({ layers: airy, potential_mmPerD: 4, rootDepth_cm: 8, end_d: 1.5, reportEvery_d: 0.5 })),
    );
    expect(fed.evaporated_mL).toBeCloseTo((0.2 * 4 * 1.5 * AREA_CM2) / 10, 3);
    expect(fed.used_mL).toBeCloseTo((0.8 * 4 * 1.5 * AREA_CM2) / 10, 0);
    const mulched = last(column(input({ potential_mmPerD: 4, mulchFactor: 0.25, end_d: 1.5, reportEvery_d: 0.5 })));
    expect(mulched.evaporated_mL).toBeCloseTo((0.25 * 0.2 * 4 * 1.5 * AREA_CM2) / 10, 3);
  });

  it('counts hours too wet and too dry', () => {
    const wet = last(
      column(input({ layers: [{ from_cm: 0, to_cm: 15, retention: { ...PEAT, alpha_percm: 0.01 }, ks_cms: 0.02 }] })),
    );
    expect(wet.wetFeetHours).toBeCloseTo(48, 6);
    const dry = last(column(input({ start: { head_cm: 500 } })));
    expect(dry.dryHours).toBeCloseTo(48, 6);
    expect(dry.wetFeetHours).toBe(0);
  });

  it('keeps water above a layer of gravel, and less air for it', () => {
    const medium = { retention: PEAT, ks_cms: 0.02 };
    const above = (layers: ColumnInput['layers']): number => {
      const { profile } = column(input({ layers, start: { head_cm: 0 }, end_d: 1 }));
      const roots = profile.filter(({ z_cm }) => z_cm > 3);
      return roots.reduce((sum, { air }) => sum + air, 0) / roots.length;
    };
    const bare = above([{ from_cm: 0, to_cm: 15, ...medium }]);
    const layered = above([
      { from_cm: 0, to_cm: 3, retention: COARSE, ks_cms: 10 },
      { from_cm: 3, to_cm: 15, ...medium },
    ]);
    expect(layered).toBeLessThan(bare - 0.03);
  });

  it('says that what leads faster than any clock is counted slower', () => {
    const { checks } = column(input({ layers: [{ from_cm: 0, to_cm: 15, retention: COARSE, ks_cms: 10 }] }));
    expect(checks.map(({ code }) => code)).toEqual(['ks-capped']);
  });

  it('tells how far it is, and stops where it is told to', () => {
    const long = input({ potential_mmPerD: 5, waterings: daily(14, 150), end_d: 14 });
    const parts: number[] = [];
    expect(
      followColumn(
        long,
        () => false,
        (part) => parts.push(part),
      ).kind,
    ).toBe('completed');
    expect(parts.length).toBeGreaterThan(3);
    expect(parts).toEqual([...parts].sort((a, b) => a - b));
    let asked = 0;
    const end = followColumn(long, () => (asked += 1) > 3);
    expect(end).toEqual({ kind: 'stopped', at_d: 14 * (parts[2] as number) });
  });
});

describe('an independent solution', () => {
  const known = JSON.parse(readFileSync(`${import.meta.dirname}/fixtures/independent.json`, 'utf8')) as {
    readonly drain: Fixture & { readonly drained_cm: readonly number[] };
    readonly soak: Fixture & { readonly flux_cms: number; readonly water_cm: readonly (readonly number[])[] };
    readonly rise: Fixture & { readonly suction_cm: number; readonly water_cm: readonly (readonly number[])[] };
  };
  interface Fixture {
    readonly medium: Retention & { readonly ks_cms: number };
    readonly height_cm: number;
    readonly head_cm: number;
    readonly t_s: readonly number[];
  }
  const straight = ({ medium, height_cm, head_cm }: Fixture): ColumnInput => {
    const { ks_cms, ...retention } = medium;
    return input({
      container: { height_cm, topDiameter_cm: 10, baseDiameter_cm: 10 },
      layers: [{ from_cm: 0, to_cm: height_cm, retention, ks_cms }],
      start: { head_cm },
      rootDepth_cm: height_cm,
    });
  };
  const area = Math.PI * 25;

  it.each(known.drain.t_s.map((t_s, i) => [t_s, known.drain.drained_cm[i] as number]))(
    'of a draining sand on the same slices agrees after %d s to 0.2 %%',
    (t_s, drained_cm) => {
      const { reports } = column({ ...straight(known.drain), end_d: t_s / 86400, reportEvery_d: t_s / 86400 });
      expect(Math.abs(last({ reports }).drained_mL / area / drained_cm - 1)).toBeLessThan(0.002);
    },
  );

  /** How far a profile of 200 slices lies off the mean water of each centimetre: in the mean, and at most. */
  const offOf = (profile: ReturnType<typeof column>['profile'], water: readonly number[]): [number, number] => {
    const off = water.map((theta, cm) => {
      const slices = profile.slice(5 * cm, 5 * cm + 5);
      return Math.abs(slices.reduce((sum, one) => sum + one.theta, 0) / 5 - theta);
    });
    return [off.reduce((sum, one) => sum + one, 0) / off.length, Math.max(...off)];
  };

  it.each(known.soak.t_s.map((t_s, i) => [t_s, known.soak.water_cm[i] as readonly number[]] as const))(
    'of water that soaks into dry loam, on finer slices, agrees after %d s',
    (t_s, water) => {
      const { profile } = column({
        ...straight(known.soak),
        cells: 200,
        waterings: [{ at_d: 0, volume_mL: known.soak.flux_cms * area * t_s, over_s: t_s }],
        end_d: t_s / 86400,
        reportEvery_d: t_s / 86400,
      });
      const [mean, most] = offOf(profile, water);
      expect(mean).toBeLessThan(0.0015);
      expect(most).toBeLessThan(0.02);
    },
  );

  it.each(known.rise.t_s.map((t_s, i) => [t_s, known.rise.water_cm[i] as readonly number[]] as const))(
    'of the same loam drawing from a base that is held at 75 cm agrees after %d s',
    (t_s, water) => {
      const { profile } = column({
        ...straight(known.rise),
        cells: 200,
        base: { suction_cm: known.rise.suction_cm },
        end_d: t_s / 86400,
        reportEvery_d: t_s / 86400,
      });
      const [mean, most] = offOf(profile, water);
      expect(mean).toBeLessThan(0.0015);
      expect(most).toBeLessThan(0.02);
    },
  );
});

describe('what no pot can be', () => {
  it.each([
    ['container.topDiameter_cm', { container: { height_cm: 15 } }],
    ['layers', { layers: [] }],
    ['layers[0].from_cm', { layers: [{ from_cm: 1, to_cm: 15, retention: PEAT, ks_cms: 0.1 }] }],
    ['layers', { layers: [{ from_cm: 0, to_cm: 12, retention: PEAT, ks_cms: 0.1 }] }],
    ['layers[0].ks_cms', { layers: [{ from_cm: 0, to_cm: 15, retention: PEAT, ks_cms: 0 }] }],
    ['start.theta', { start: { theta: 0.05 } }],
    ['start.theta', { start: { theta: 0.95 } }],
    ['base.suction_cm', { base: { suction_cm: -1 } }],
    ['rootDepth_cm', { rootDepth_cm: 16 }],
    ['roots.air', { roots: { air: [0.2, 0.1], dry_cm: [100, 8000] } }],
    ['waterings[0].over_s', { waterings: [{ at_d: 0, volume_mL: 10, over_s: 0 }] }],
    ['reportEvery_d', { reportEvery_d: 1e-5 }],
    ['end_d', { end_d: 500 }],
  ] as const)('is refused at %s', (path, over) => {
    expect(() => column(input(over as Partial<ColumnInput>))).toThrow(expect.objectContaining({ path }));
  });
});
