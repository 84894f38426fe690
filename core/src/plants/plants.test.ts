import { describe, expect, it } from 'vitest';
import { findTargetProfile, type TargetProfile } from '../classes';
import type { DeskInput } from '../desk';
import { classLot } from '../testing/classLot';
import { PLANTS, suits, USE_KEYS } from '.';

const deskOf = (...ids: readonly string[]): DeskInput => ({
  lines: ids.map((id) => ({ parts: 1, lot: classLot(id) })),
  container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
  model: 'packing',
});
const desks = [deskOf('loam'), deskOf('bark-graded', 'coir-chips'), deskOf('peat-light-fine')];
const epiphyte = findTargetProfile('epiphyte') as TargetProfile;

describe('plants', () => {
  it('each point to a use and a stand that there is', () => {
    for (const { name, profileId, climate } of PLANTS) {
      expect(findTargetProfile(profileId), name).toBeDefined();
      expect(USE_KEYS).toContain(climate);
    }
  });

  it('rank blends by what their use asks for, not by the order of the list', () => {
    const found = suits(desks, epiphyte, 'mild');
    expect(found[0]?.place).toBe(1);
    expect(found.map(({ loss }) => loss)).toEqual([...found.map(({ loss }) => loss)].sort((a, b) => a - b));
  });

  it('dry sooner where it is hotter', () => {
    const [shade] = suits(desks, epiphyte, 'shade');
    const [wind] = suits(desks, epiphyte, 'wind');
    expect(wind?.days).toBeLessThan(shade?.days as number);
    expect(wind?.loss).toBe(shade?.loss);
  });

  it('leave out what breaks a must', () => {
    const strict = { ...epiphyte, targets: epiphyte.targets.map((one) => ({ ...one, must: one.property === 'air' })) };
    expect(suits(desks, strict, 'mild').map(({ place }) => place)).not.toContain(0);
  });
});
