import { describe, expect, it } from 'vitest';
import { groupConsistency, repeatability } from '.';
import trial from './fixtures/coop.json';

/** Made by fixtures/coop.R with an independent statistics system from a data set that it ships. */
describe('a co-operative trial of six laboratories', () => {
  it.each(trial.specimens)('has the spreads, h and k of another system: $specimen', (known) => {
    const { sr, sR, r, R, mean } = repeatability({ groups: known.groups });
    expect(sr).toBeCloseTo(known.sr, 10);
    expect(sR).toBeCloseTo(known.sR, 10);
    expect([r, R]).toEqual([2.8 * sr, 2.8 * sR]);
    expect(mean).toBeCloseTo(known.mean, 10);
    const found = groupConsistency({ groups: known.groups });
    found.groups.forEach((group, i) => {
      expect(group.h).toBeCloseTo(known.h[i] as number, 10);
      expect(group.k).toBeCloseTo(known.k[i] as number, 10);
      expect(group.robustZ).toBeCloseTo(known.robustZ[i] as number, 10);
    });
    for (const i of [0, 1] as const) {
      expect(found.hLimits?.[i]).toBeCloseTo(known.hLimits[i] as number, 8);
      expect(found.kLimits?.[i]).toBeCloseTo(known.kLimits[i] as number, 8);
    }
  });
});
