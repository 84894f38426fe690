import { describe, expect, it } from 'vitest';
import { blend, blendProfile, type BlendInput } from '../blend';
import { mediaClassById } from '../classes';
import { containerCapacity, thetaAt, type Retention } from '../retention';
import { requireContainer } from '.';

const retention: Retention = { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 };
const pot = { height_cm: 12, topDiameter_cm: 14, baseDiameter_cm: 10 };
const bark = mediaClassById('bark-fine', '');
const input = (baseSuction_cm?: number, model: BlendInput['model'] = 'average'): BlendInput => ({
  components: [
    {
      name: 'Bark',
      volume: 1,
      dryBulkDensity_gcc: bark.dryBulkDensity_gcc.typical,
      retention: bark.retention,
      interparticleVoid: bark.interparticleVoid.typical,
      d50_mm: bark.d50_mm.typical,
      spread: bark.spread,
    },
  ],
  container: baseSuction_cm === undefined ? pot : { ...pot, baseSuction_cm },
  model,
});

describe('a pot on a mat', () => {
  it('is the pot that container-capacity takes with the same suction', () => {
    const by = (container: typeof pot & { baseSuction_cm?: number }, baseSuction_cm?: number) =>
      containerCapacity({ retention, container, ...(baseSuction_cm === undefined ? {} : { baseSuction_cm }) });
    expect(by({ ...pot, baseSuction_cm: 5 }).water).toBeCloseTo(by(pot, 5).water, 12);
    expect(by({ ...pot, baseSuction_cm: 5 }).profile).toEqual(by(pot, 5).profile);
    expect(by({ ...pot, baseSuction_cm: 0 }).water).toBe(by(pot).water);
  });

  it('holds in a blend of one what its curve says, and less the deeper the water hangs', () => {
    const mean = containerCapacity({ retention: bark.retention, container: pot, baseSuction_cm: 8 }).water;
    expect(blend(input(8)).water).toBeCloseTo(mean, 9);
    const held = [undefined, 2, 5, 20].map((mat) => blend(input(mat)).water);
    expect(held).toEqual([...held].sort((a, b) => b - a));
    expect(new Set(held).size).toBe(held.length);
  });

  it('has a profile that begins at the mat’s suction', () => {
    const [lowest] = blendProfile(input(6), 5);
    expect(lowest?.theta).toBeCloseTo(thetaAt(bark.retention, 6), 12);
  });

  it('refuses a suction that pushes', () => {
    expect(() => {
      requireContainer({ ...pot, baseSuction_cm: -1 });
    }).toThrow(/baseSuction_cm/);
  });
});
