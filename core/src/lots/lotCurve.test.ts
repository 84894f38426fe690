import { describe, expect, it } from 'vitest';
import { containerCapacity, thetaAt, type Retention } from '../retention';
import { reduceRun } from '../runs';
import type { RunRecord, RunVessel } from '../sheets';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { waterDensity } from '../water';
import { inPot, lotCard, type LotCard, type LotCurve } from '.';

/** A medium whose curve is known: a fine bark. */
const TRUE: Retention = { thetaR: 0.22, thetaS: 0.82, alpha_percm: 0.35, n: 1.7 };
const DRY_SHARE_gmL = 0.2;
const RHO = waterDensity(20);

const straight = (height_cm: number, volume_mL: number, name: string): RunVessel => ({
  id: name,
  name,
  height_cm,
  // The filling that makes the volume what it is said to be.
  fillings: [{ empty_g: 0, full_g: volume_mL * RHO, waterTemp_C: 20 }],
});

/** Vessels of the same width drained: weighings as the curve would give them, and the vessels. */
function drainedAt(depths: readonly number[], more: Partial<RunRecord> = {}, retention = TRUE): RunRecord {
  const volumes = depths.map((depth) => depth * 80);
  const dry = volumes.map((volume) => volume * DRY_SHARE_gmL);
  const wetted = (theta: (depth: number) => number): number[] =>
    depths.map((depth, i) => 100 + (dry[i] as number) + theta(depth) * RHO * (volumes[i] as number));
  const values = {
    waterTemp: [20],
    tare: depths.map(() => 100),
    saturated: wetted(() => retention.thetaS),
    drained: wetted((height_cm) => containerCapacity({ retention, container: { height_cm } }).water),
    dryTray: depths.map(() => 20),
    dry: dry.map((mass) => mass + 20),
  };
  return runOf('several-depths', values, {
    vessels: depths.map((depth, i) => straight(depth, volumes[i] as number, `V${String(i)}`)),
    materialClass: 'bark-fine',
    ...more,
  });
}

/** A stack of rings of one height, drained: mean water of every ring. */
function stack(rings: number, height_cm: number): RunRecord {
  const volume = height_cm * 20;
  const means = Array.from({ length: rings }, (_, i) => {
    const below = (to: number): number =>
      to === 0 ? 0 : to * containerCapacity({ retention: TRUE, container: { height_cm: to } }).water;
    return (below((i + 1) * height_cm) - below(i * height_cm)) / height_cm;
  });
  const dry = 60 + volume * DRY_SHARE_gmL;
  const entries = means.flatMap((theta, i): [string, number[]][] => [
    [`wet${String(i + 1)}`, [dry + theta * RHO * volume]],
    [`dry${String(i + 1)}`, [dry]],
  ]);
  return runOf(
    'stacked-rings',
    { waterTemp: [20], ...Object.fromEntries(entries) },
    { vessels: [straight(height_cm, volume, 'ring')], materialClass: 'bark-fine' },
  );
}

const bark = (runs: readonly RunRecord[]) => ({
  id: 'lot',
  name: 'Bark',
  code: 'B1',
  materialId: 'm',
  materialClass: 'bark-fine',
  runs,
});
const curveOf = (runs: readonly RunRecord[]): LotCurve => lotCard(bark(runs)).curve as LotCurve;
const width = ({ curve }: Pick<LotCard, 'curve'>, head_cm: number): number => {
  const point = curve?.band.find((one) => one.head_cm >= head_cm);
  return point === undefined ? Number.NaN : point.hi - point.lo;
};

describe('a curve from drained vessels', () => {
  it('of four depths lies close to the curve that made them', () => {
    const { retention, kind, note } = curveOf([drainedAt([4, 10, 25, 60])]);
    expect(kind).toBe('fitted');
    expect(note).toContain('4 drained vessels; what they leave open is as the class has it');
    for (const head_cm of [0, 2, 5, 10, 30])
      expect(Math.abs(thetaAt(retention, head_cm) - thetaAt(TRUE, head_cm))).toBeLessThan(0.02);
  });

  it('of one depth is inferred, also where two runs settled a little differently', () => {
    const once = drainedAt([12]);
    const again = drainedAt([12.4], { id: 'second', number: 2, finishedAt: '2026-11-22T12:00:00Z' });
    const curve = curveOf([once, again]);
    expect(curve.kind).toBe('inferred');
    expect(curve.note).toContain('2 drained vessels of one depth; its shape is as the class has it');
  });

  it('knows tapered vessels by their own shape', () => {
    const run = drainedAt([8, 30]);
    const tapered = run.vessels.map((vessel) =>
      vessel === undefined ? undefined : { ...vessel, topDiameter_cm: 12, baseDiameter_cm: 8 },
    );
    const { kind, readings } = curveOf([{ ...run, vessels: tapered }]);
    expect(kind).toBe('fitted');
    expect(readings.seen.findLast((one) => one.kind === 'vessel')).toMatchObject({
      container: { height_cm: 30, topDiameter_cm: 12, baseDiameter_cm: 8 },
    });
  });

  it('never makes one curve of a tapped and a firmed medium: the newest packing counts, and the card says so', () => {
    const tapped = drainedAt([12]);
    const firmed = drainedAt(
      [12],
      {
        id: 'firmed',
        finishedAt: '2026-11-23T12:00:00Z',
        settings: { ...tapped.settings, packingHabit: 'firmed' },
      },
      { ...TRUE, thetaS: 0.74 },
    );
    const { readings, note, retention } = curveOf([tapped, firmed]);
    expect(readings.seen.filter(({ kind }) => kind === 'porosity')).toHaveLength(1);
    expect(retention.thetaS).toBeLessThan(0.77);
    expect(note).toContain('1 run packed otherwise is another medium and is left out');
  });
});

describe('a curve from a stack of rings', () => {
  it('lies close to the curve that drained it, in one with drained vessels', () => {
    const curve = curveOf([stack(4, 5), drainedAt([12, 40])]);
    expect(curve.note).toContain('4 rings of drained stacks and 2 drained vessels');
    for (const head_cm of [2, 5, 10, 30])
      expect(Math.abs(thetaAt(curve.retention, head_cm) - thetaAt(TRUE, head_cm))).toBeLessThan(0.02);
  });
});

describe('the band of a curve', () => {
  it('lies around the curve, within what can be', () => {
    const { curve } = lotCard(pumiceLot());
    expect(curve?.band).toHaveLength(31);
    for (const { head_cm, lo, hi } of curve?.band ?? []) {
      const theta = thetaAt((curve as LotCurve).retention, head_cm);
      expect(lo).toBeLessThanOrEqual(theta);
      expect(hi).toBeGreaterThanOrEqual(theta);
      expect(lo >= 0 && hi <= 1).toBe(true);
    }
  });

  it('is narrower where it was measured than where only the class speaks, and widest where nobody named it', () => {
    const { materialClass, ...unnamed } = pumiceLot();
    expect(materialClass).toBeDefined();
    expect(width(lotCard(pumiceLot()), 10)).toBeLessThan(width(lotCard(pumiceLot([])), 10));
    expect(width(lotCard(unnamed), 50)).toBeGreaterThan(width(lotCard(pumiceLot()), 50));
  });

  it('is wider with noisier weighings', () => {
    const rings = (noise: number) => {
      const off = (sign: number): number => 100 + sign * noise;
      return runOf('suction-table', {
        waterTemp: [20, 20],
        tare: [110, 110],
        soaked: [off(1) + 860, off(-1) + 860],
        at10: [off(-1) + 500, off(1) + 500],
        at20: [off(1) + 420, off(-1) + 420],
        at50: [off(-1) + 370, off(1) + 370],
        at100: [off(1) + 350, off(-1) + 350],
        dryTray: [20, 20],
        dry: [120, 120],
      });
    };
    const card = (noise: number): LotCard => lotCard(pumiceLot([rings(noise)]));
    expect(card(4).curve?.kind).toBe('fitted');
    expect(width(card(30), 10)).toBeGreaterThan(1.3 * width(card(4), 10));
  });

  it('is not there where nothing is known of a curve', () => {
    const { materialClass, ...unknown } = pumiceLot([]);
    expect(materialClass).toBeDefined();
    expect(lotCard(unknown).curve).toBeUndefined();
  });
});

describe('vessels of several depths on one sheet', () => {
  it('keep their water and air side by side without a mean, and porosity with one', () => {
    const keys = lotCard(bark([drainedAt([4, 10, 25, 60])])).figures.map((figure) => figure.property);
    expect(keys).toContain('totalPorosity');
    expect(keys).not.toContain('containerCapacity');
    expect(keys).not.toContain('airSpace');
  });

  it('are told of their depths, not that they were filled unlike', () => {
    expect(reduceRun(drainedAt([4, 10, 25, 60])).checks.map((check) => check.code)).toEqual(['several-depths']);
  });
});

it('a lot that nobody named goes to the desk with its own readings and wide doubts, and says so', () => {
  const { materialClass, ...unnamed } = pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET)]);
  expect(materialClass).toBeDefined();
  const { curve, component } = lotCard(unnamed);
  expect(curve?.note).toContain('no class is named');
  expect(component?.notes.join(' ')).toContain('Grain size is a guess');
  expect(component?.errors.readings?.materialClass).toBeUndefined();
  expect(component?.errors.softness_se).toBeGreaterThan(0);
  expect(inPot(curve as LotCurve, { height_cm: 12 }).water).toBeCloseTo(0.32, 1);
});
