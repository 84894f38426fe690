import { knownTare_g } from '@bent-pail/core';
import type { CellAt } from './cursor';
import type { LiveRun } from './useRunSheet';

/** A number that is known already, and whence; one press takes it. */
export interface Offered {
  readonly value: number;
  readonly from: string;
}

/** What is known of an empty cell from measuring the vessels: what a vessel weighs dry, how warm the water was. */
export function offeredFor(
  { record, cells, sheet }: Pick<LiveRun, 'record' | 'cells' | 'sheet'>,
  { replicate, step }: CellAt,
): Offered | undefined {
  if (cells.cell(replicate, step).standing.length > 0) return undefined;
  const fillings = record.vessels[replicate]?.fillings ?? [];
  const name = sheet.vesselNames[replicate]?.name ?? '';
  if (step === 'tare') {
    const value = knownTare_g(fillings);
    return value === undefined ? undefined : { value, from: `as ${name} weighed when it was measured` };
  }
  if (step === 'waterTemp') {
    const newest = fillings.findLast((filling) => 'waterTemp_C' in filling);
    return newest === undefined ? undefined : { value: newest.waterTemp_C, from: `as when ${name} was measured` };
  }
  return undefined;
}
