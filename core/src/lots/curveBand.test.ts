import { describe, expect, it } from 'vitest';
import { thetaAt } from '../retention';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { lotCard, type LotCard } from '.';

const width = ({ curveBand = [] }: LotCard, head_cm: number): number => {
  const point = curveBand.find((one) => one.head_cm >= head_cm);
  return point === undefined ? Number.NaN : point.hi - point.lo;
};

describe('the band of a curve', () => {
  it('lies around the curve, within what can be', () => {
    const card = lotCard(pumiceLot());
    expect(card.curveBand).toHaveLength(31);
    for (const { head_cm, lo, hi } of card.curveBand ?? []) {
      const theta = thetaAt((card.curve as NonNullable<LotCard['curve']>).retention, head_cm);
      expect(lo).toBeLessThanOrEqual(theta);
      expect(hi).toBeGreaterThanOrEqual(theta);
      expect(lo >= 0 && hi <= 1).toBe(true);
    }
  });

  it('is narrower where it was measured than where only the class speaks', () => {
    expect(width(lotCard(pumiceLot()), 10)).toBeLessThan(width(lotCard(pumiceLot([])), 10));
  });

  it('is that of the fit where there is one: wider with noisier weighings', () => {
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
    expect(width(card(12), 10)).toBeGreaterThan(1.5 * width(card(4), 10));
  });

  it('is not there where nothing is known of a curve', () => {
    const { materialClass, ...unknown } = pumiceLot([]);
    expect(materialClass).toBeDefined();
    expect(lotCard(unknown).curveBand).toBeUndefined();
    expect(lotCard(pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET)])).curveBand).toBeDefined();
  });
});
