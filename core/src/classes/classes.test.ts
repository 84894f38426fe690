import { describe, expect, it } from 'vitest';
import { property, PROPERTIES, type PropertyKey } from '../properties';
import { findTargetProfile, MEDIA_CLASSES, mediaClassById, TARGET_PROFILES } from '.';

describe('classes of media', () => {
  it('are 43, each with a basis', () => {
    expect(MEDIA_CLASSES).toHaveLength(43);
    for (const one of MEDIA_CLASSES) expect(one.basis.length).toBeGreaterThan(20);
  });

  it('have defaults that a blend can take: void within the porosity, porosity from the curve', () => {
    for (const one of MEDIA_CLASSES) {
      expect(one.interparticleVoid.typical, one.id).toBeLessThanOrEqual(one.retention.thetaS);
      expect(one.totalPorosity.typical, one.id).toBeCloseTo(one.retention.thetaS, 2);
    }
  });

  it('refuses a class that it does not know', () => {
    expect(() => mediaClassById('gravel-blue', 'materialClass')).toThrow(/unknown materialClass/);
  });
});

describe('target profiles', () => {
  it('are ten, and speak of properties in the registry', () => {
    expect(TARGET_PROFILES).toHaveLength(10);
    const unknown = TARGET_PROFILES.flatMap((one) => one.targets).filter(
      (target) => !Object.hasOwn(PROPERTIES, target.property),
    );
    expect(unknown).toEqual([]);
    expect(findTargetProfile('seed-plugs')?.container.height_cm).toBe(4);
  });
});

describe('the registry of properties', () => {
  it('gives an entry with its key', () => {
    expect(property('airSpace' satisfies PropertyKey)).toMatchObject({ key: 'airSpace', label: 'Air space' });
  });
});
