import { predictDesk, MEDIA_CLASSES, type DeskInput, type LotComponent, type MediaClass } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { shapeOf } from '../../shared/pail/pailGeometry';
import { blendSentence } from '../list/blendSentence';
import { drawProfile, sliceAir, thetaAtHeight, wetFoot_cm } from './potProfile';

function lotOf(id: string): LotComponent {
  const one = MEDIA_CLASSES.find((mediaClass) => mediaClass.id === id) as MediaClass;
  const { retention, spread, softness } = one;
  return {
    lotId: 'lot',
    materialId: id,
    component: {
      name: one.label,
      dryBulkDensity_gcc: one.dryBulkDensity_gcc.typical,
      retention,
      interparticleVoid: one.interparticleVoid.typical,
      d50_mm: one.d50_mm.typical,
      spread,
      softness,
    },
    errors: {},
    settledPerLoose: 1,
    origins: [],
    notes: [],
    facts: { nutrients_mgL: {}, hazards: [] },
  };
}

const container = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };
const desk = (lines: DeskInput['lines']) => predictDesk({ lines, container, model: 'packing' });
const peat = desk([{ parts: 1, lot: lotOf('peat-light-fine') }]);

describe('water by height', () => {
  it('is read between the heights that were worked out', () => {
    const { profile } = peat;
    const [a, b] = [profile[4], profile[5]] as [{ z_cm: number; theta: number }, { z_cm: number; theta: number }];
    expect(thetaAtHeight(profile, (a.z_cm + b.z_cm) / 2)).toBeCloseTo((a.theta + b.theta) / 2, 12);
    expect(thetaAtHeight(profile, 0)).toBe(profile[0]?.theta);
  });

  it('leaves less air below than above, and a wet foot where it is under a tenth', () => {
    expect(sliceAir(peat, 0, 1 / 3)).toBeLessThan(sliceAir(peat, 2 / 3, 1));
    const foot = wetFoot_cm(peat);
    expect(peat.result.totalPorosity - thetaAtHeight(peat.profile, foot)).toBeLessThan(0.1);
    expect(wetFoot_cm(desk([{ parts: 1, lot: lotOf('bark-graded') }]))).toBeLessThan(foot);
  });

  it('is drawn across the pot’s own width, from wall to wall', () => {
    const { x, y } = drawProfile(peat, shapeOf(container, 'pot'), { width: 300, height: 300 });
    expect(x(25, 1) - x(25, 0)).toBeGreaterThan(x(0, 1) - x(0, 0));
    expect(x(12, 0.5)).toBeCloseTo((x(12, 0) + x(12, 1)) / 2, 9);
    expect(y(0)).toBeGreaterThan(y(25));
  });
});

describe('the verdict', () => {
  it('speaks of shrink only where a scoop would show it', () => {
    expect(blendSentence(peat)).not.toMatch(/Scoop/);
    const mixed = desk([
      { parts: 3, lot: lotOf('bark-graded') },
      { parts: 2, lot: lotOf('sand-coarse') },
    ]);
    expect(mixed.result.shrink).toBeGreaterThan(0.02);
    expect(blendSentence(mixed)).toMatch(/Scoop \d+ % more than you want to fill/);
    // 168 litres loose that make 155 are 8 % more.
    const volumes = { loose: 168, settled: 160, made: 155 };
    expect(blendSentence({ ...mixed, volumes })).toContain('Scoop 8 % more');
  });
});
