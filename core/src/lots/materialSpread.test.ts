import { describe, expect, it } from 'vitest';
import { pickAt } from '../method';
import { lotSpread } from '../statistics';
import type { RunRecord } from '../sheets';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { countedOf, lotCard, materialSpread, type LotAmongOthers } from '.';

function lot(code: string, runs: readonly RunRecord[]): LotAmongOthers {
  const { figures } = lotCard({ ...pumiceLot(runs), id: code, code });
  return {
    id: code,
    code,
    figures: figures.map((figure) => ({ ...figure, mean: figure.summary.mean, counted: countedOf(figure) })),
  };
}

const heavier = { ...PUMICE_SHEET, drained: [1187.5, 1183.1, 1191.4] };
const ONE = lot('PM-3', [runOf('saturate-drain-dry', PUMICE_SHEET)]);
const TWO = lot('PM-4', [runOf('saturate-drain-dry', heavier)]);

describe('lots of one material', () => {
  it('are compared property by property, with a working that gives the spread again', () => {
    const air = materialSpread([ONE, TWO]).find((one) => one.property === 'airSpace');
    expect(air?.lots.map((one) => one.code)).toEqual(['PM-3', 'PM-4']);
    expect(air?.lots.map((one) => one.n)).toEqual([3, 3]);
    expect(air?.spread.betweenSd).toBeGreaterThan(0.01);
    const again = lotSpread(air?.input as { lots: number[][] });
    expect(pickAt(again, 'betweenSd')).toBe(air?.spread.betweenSd);
  });

  it('are not compared across methods', () => {
    const firmed = runOf('saturate-drain-dry', heavier);
    const other = lot('PM-5', [{ ...firmed, settings: { ...firmed.settings, packingHabit: 'firmed' } }]);
    expect(materialSpread([ONE, other]).map((one) => one.property)).not.toContain('airSpace');
  });

  it('say nothing of a class, a price or a single lot', () => {
    expect(materialSpread([ONE])).toEqual([]);
    const smelt = (code: string): LotAmongOthers => lot(code, [runOf('smell', { smell: [0, 0, 1] })]);
    expect(materialSpread([smelt('a'), smelt('b')])).toEqual([]);
  });
});
