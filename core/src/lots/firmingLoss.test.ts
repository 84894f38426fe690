import { describe, expect, it } from 'vitest';
import type { PackingHabit, RunRecord } from '../sheets';
import { PUMICE_SHEET, runOf, VESSEL } from '../testing/sampleLot';
import { lotCard } from '.';

/** Pumice packed in some way; firmed, less of it runs out. */
function packed(packingHabit: PackingHabit, drainedMore = 0, more: Partial<RunRecord> = {}): RunRecord {
  const drained = (PUMICE_SHEET.drained ?? []).map((mass) => mass + drainedMore);
  const run = runOf('saturate-drain-dry', { ...PUMICE_SHEET, drained }, { id: packingHabit, ...more });
  return { ...run, settings: { ...run.settings, packingHabit, ...more.settings } };
}

const lossOf = (runs: readonly RunRecord[]) =>
  lotCard({ id: 'lot', name: 'Pumice', code: 'P', materialId: 'm', materialClass: 'pumice-coarse', runs }).firming;

describe('the air that firming takes', () => {
  it('is the difference of a pair in one vessel, with its working', () => {
    const loss = lossOf([packed('tapped'), packed('firmed', 60)]);
    expect(loss?.looser.habit).toBe('tapped');
    expect(loss?.firmer.habit).toBe('firmed');
    expect(loss?.lost).toBeCloseTo(60 / 0.998 / 1050, 2);
    expect(loss?.working.input).toEqual({ add: [loss?.looser.air], take: [loss?.firmer.air] });
  });

  it('names the load where it was pressed', () => {
    const pressed = packed('pressed', 80);
    const loss = lossOf([packed('tapped'), { ...pressed, settings: { ...pressed.settings, press_gcm2: 20 } }]);
    expect(loss?.firmer.habit).toBe('pressed with 20 g/cm²');
  });

  it('is not said of one run, of other vessels, or where the firmer one has no less air', () => {
    expect(lossOf([packed('tapped')])).toBeUndefined();
    expect(lossOf([packed('tapped'), packed('firmed', -20)])).toBeUndefined();
    const deep = packed('firmed', 60, { vessels: [0, 1, 2].map(() => ({ ...VESSEL, height_cm: 20 })) });
    expect(lossOf([packed('tapped'), deep])).toBeUndefined();
  });
});
