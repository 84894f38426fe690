import type { BlendVersion, LotRow } from '@bent-pail/contract';
import { describe, expect, it } from 'vitest';
import { batchLines } from './batchLines';

const version = {
  recipe: {
    lines: [
      { lotId: 'a', parts: 3 },
      { lotId: 'b', parts: 1 },
    ],
  },
  result: { volume: 3.2 },
} as Pick<BlendVersion, 'recipe' | 'result'>;
const lots = [
  { id: 'a', name: 'Bark', code: 'BK-7', stock_L: 20 },
  { id: 'b', name: 'Pumice', code: 'PM-3' },
] as LotRow[];

describe('what a batch takes', () => {
  it('is more than the volume made, for the parts settle into each other', () => {
    const lines = batchLines(version, lots, 16);
    expect(lines.map((line) => line.loose_L)).toEqual([15, 5]);
    expect(lines.map((line) => line.short)).toEqual([false, false]);
  });

  it('says where the stock does not reach, and does not doubt what was never counted', () => {
    const lines = batchLines(version, lots, 32);
    expect(lines.map((line) => line.short)).toEqual([true, false]);
  });
});
