import { describe, expect, it } from 'vitest';
import { containerCapacity, type Retention } from '../retention';
import { reduceRun } from '../runs';
import type { RunRecord, RunVessel } from '../sheets';
import { runOf } from '../testing/sampleLot';
import { waterDensity } from '../water';
import { lotCard, type LotCurve } from '.';

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
function drainedAt(depths: readonly number[], more: Partial<RunRecord> = {}): RunRecord {
  const volumes = depths.map((depth) => depth * 80);
  const dry = volumes.map((volume) => volume * DRY_SHARE_gmL);
  const tare = depths.map(() => 100);
  const wetted = (theta: (depth: number) => number): number[] =>
    depths.map((depth, i) => 100 + (dry[i] as number) + theta(depth) * RHO * (volumes[i] as number));
  const values = {
    waterTemp: [20],
    tare,
    saturated: wetted(() => TRUE.thetaS),
    drained: wetted((height_cm) => containerCapacity({ retention: TRUE, container: { height_cm } }).water),
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

const cardOf = (runs: readonly RunRecord[]) =>
  lotCard({ id: 'lot', name: 'Bark', code: 'B1', materialId: 'm', materialClass: 'bark-fine', runs });

function fitted(curve: LotCurve | undefined): Extract<LotCurve, { kind: 'fitted' }> {
  if (curve?.kind !== 'fitted') throw new Error(`the curve is ${curve?.kind ?? 'missing'}`);
  return curve;
}

describe('a curve from drained vessels', () => {
  it('of four depths gives back the curve that made them', () => {
    const { retention, fit } = fitted(cardOf([drainedAt([4, 10, 25, 60])]).curve);
    expect(fit.fixed).toEqual([]);
    for (const name of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const)
      expect(retention[name] / TRUE[name]).toBeCloseTo(1, 3);
  });

  it('of two depths takes the wet end from porosity and the residual from the class, and says so', () => {
    const curve = fitted(cardOf([drainedAt([8, 30])]).curve);
    expect(curve.fit.fixed).toEqual(['thetaR', 'thetaS']);
    expect(curve.retention.thetaS).toBeCloseTo(TRUE.thetaS, 6);
    expect(curve.note).toContain('its wet end is the measured porosity; the water that never drains is the class’s');
  });

  it('of one depth is inferred, not fitted, also where two runs settled a little differently', () => {
    const once = drainedAt([12]);
    const again = drainedAt([12.4], { id: 'second', number: 2, finishedAt: '2026-11-22T12:00:00Z' });
    expect(cardOf([once, again]).curve?.kind).toBe('inferred');
  });

  it('leaves out tapered vessels: their mean is not a straight column’s', () => {
    const run = drainedAt([8, 30]);
    const tapered = run.vessels.map((vessel) =>
      vessel === undefined ? undefined : { ...vessel, topDiameter_cm: 12, baseDiameter_cm: 8 },
    );
    expect(cardOf([{ ...run, vessels: tapered }]).curve?.kind).not.toBe('fitted');
  });
});

describe('a curve from a stack of rings', () => {
  it('gives back the curve that drained it', () => {
    const curve = fitted(cardOf([stack(6, 5)]).curve);
    expect(curve.note).toContain('6 rings of drained stacks');
    for (const name of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const)
      expect(curve.retention[name] / TRUE[name]).toBeCloseTo(1, 2);
  });

  it('is one fit with drained vessels', () => {
    const curve = fitted(cardOf([stack(4, 5), drainedAt([12, 40])]).curve);
    expect(curve.observations.map((one) => one.kind)).toEqual(['slice', 'slice', 'slice', 'slice', 'column', 'column']);
    expect(curve.note).toContain('4 rings of drained stacks and 2 drained vessels');
  });
});

describe('vessels of several depths on one sheet', () => {
  it('keep their water and air side by side without a mean, and porosity with one', () => {
    const { figures } = cardOf([drainedAt([4, 10, 25, 60])]);
    const keys = figures.map((figure) => figure.property);
    expect(keys).toContain('totalPorosity');
    expect(keys).not.toContain('containerCapacity');
    expect(keys).not.toContain('airSpace');
  });

  it('are told of their depths, not that they were filled unlike', () => {
    expect(reduceRun(drainedAt([4, 10, 25, 60])).checks.map((check) => check.code)).toEqual(['several-depths']);
  });
});
