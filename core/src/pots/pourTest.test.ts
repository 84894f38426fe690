import { describe, expect, it } from 'vitest';
import { PEAT } from '../testing/sampleColumn';
import { pourTest, type PouredOn } from '.';

const shape = { height_cm: 18, topDiameter_cm: 20, baseDiameter_cm: 16 };
const VOLUME_mL = (Math.PI / 12) * 18 * (400 + 320 + 256);
const poured = (more: Partial<PouredOn> = {}) =>
  pourTest({
    shape,
    medium: { retention: PEAT, ks_cms: 0.05 },
    volume_mL: 0.1 * VOLUME_mL,
    moisture: 'moist',
    ...more,
  });

describe('a jug poured on a pot', () => {
  it('drips at once from one that has just drained, later the drier it was, and never from a dry one', () => {
    const [wet, moist, justMoist, dry] = (['wet', 'moist', 'just-moist', 'dry'] as const).map((moisture) =>
      poured({ moisture }),
    );
    expect(wet?.firstDrip_s).toBeLessThan(60);
    expect(justMoist?.firstDrip_s ?? Infinity).toBeGreaterThan(wet?.firstDrip_s ?? 0);
    expect(wet?.drained_mL).toBeGreaterThan(moist?.drained_mL ?? 0);
    expect(dry).toMatchObject({ drained_mL: expect.closeTo(0, 1) as number });
    expect(dry?.firstDrip_s).toBeUndefined();
  });

  it('lets out of a drained pot what was poured on, in the end, and no more', () => {
    const { drained_mL, runoff_mL, lastDrip_s, firstDrip_s } = poured({ moisture: 'wet' });
    expect(drained_mL).toBeLessThanOrEqual(0.1 * VOLUME_mL + 1e-6);
    expect(drained_mL).toBeGreaterThan(0.08 * VOLUME_mL);
    expect(runoff_mL).toBeCloseTo(0, 6);
    expect(lastDrip_s ?? 0).toBeGreaterThan(firstDrip_s ?? 0);
  });

  it('drips later through a medium that lets water through slowly, and runs over the rim of a full one', () => {
    const slow = poured({ moisture: 'wet', medium: { retention: PEAT, ks_cms: 0.005 } });
    expect(slow.lastDrip_s ?? Infinity).toBeGreaterThan(poured({ moisture: 'wet' }).lastDrip_s ?? Infinity);
    const much = { volume_mL: 0.4 * VOLUME_mL, medium: { retention: PEAT, ks_cms: 0.0005 } };
    const over = poured(much).runoff_mL;
    expect(over).toBeGreaterThan(100);
    // Room above the medium takes it up.
    expect(poured({ ...much, depth_cm: 12 }).runoff_mL).toBeLessThan(over);
  });

  it('is refused without a volume', () => {
    expect(() => poured({ volume_mL: 0 })).toThrow('volume_mL');
  });
});
