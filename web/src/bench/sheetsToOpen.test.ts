import { describe, expect, it } from 'vitest';
import { nextNames, sheetsToOpen } from './sheetsToOpen';

const one = {
  lotId: 'a',
  protocol: 'kitchen-form',
  replicates: 2,
  vesselIds: ['v1', 'v2'],
  settings: { packingHabit: 'tapped' as const, soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
};
const vessels = (count: number) => Array.from({ length: count }, (_, i) => ({ id: `v${String(i + 1)}` }));

describe('sheets that are opened together', () => {
  it('are one where nobody shares the work', () => {
    expect(sheetsToOpen({ one, lotIds: ['a'], groups: 1, vessels: vessels(2) })).toEqual([one]);
  });

  it('are each lot by each group, in vessels of their own where there are enough', () => {
    const sheets = sheetsToOpen({ one, lotIds: ['a', 'b'], groups: 2, vessels: vessels(9) });
    expect(sheets.map(({ lotId, groupName, vesselIds }) => [lotId, groupName, ...vesselIds])).toEqual([
      ['a', 'Group 1', 'v1', 'v2'],
      ['a', 'Group 2', 'v3', 'v4'],
      ['b', 'Group 1', 'v5', 'v6'],
      ['b', 'Group 2', 'v7', 'v8'],
    ]);
  });

  it('take the same vessels one after the other where there are too few, and none where none is used', () => {
    const sheets = sheetsToOpen({ one, lotIds: ['a'], groups: 3, vessels: vessels(5) });
    expect(sheets.map(({ vesselIds }) => vesselIds)).toEqual([one.vesselIds, one.vesselIds, one.vesselIds]);
    const none = sheetsToOpen({ one: { ...one, vesselIds: [] }, lotIds: ['a'], groups: 2, vessels: vessels(9) });
    expect(none.map(({ vesselIds }) => vesselIds)).toEqual([[], []]);
  });
});

describe('vessels that are still to be made', () => {
  it('go on in the way of those that there are', () => {
    expect(nextNames(['V1', 'V2', 'V10'], 2)).toEqual(['V11', 'V12']);
    expect(nextNames(['The dented one'], 1)).toEqual(['Vessel 1']);
    expect(nextNames([], 3)).toEqual(['Vessel 1', 'Vessel 2', 'Vessel 3']);
    expect(nextNames(['V1'], 0)).toEqual([]);
  });
});
