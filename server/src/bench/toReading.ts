import type { KeptReading } from '@bent-pail/contract';
import type { CalibrationStamp } from '@bent-pail/core';
import { optional } from '../database/optional';
import type { ReadingEntity } from './entities';

/** A reading as it was kept, with the stamp of what it was read with. */
export function toReading(
  row: ReadingEntity,
  names: ReadonlyMap<string, string>,
  stamp: CalibrationStamp | undefined,
): KeptReading {
  return {
    id: row.id,
    seq: row.seq,
    replicate: row.replicate,
    step: row.step,
    value: row.value,
    ...optional('mVTemp_C', row.mVTemp_C),
    takenAt: row.takenAt.toISOString(),
    keptAt: row.keptAt.toISOString(),
    ...optional('corrects', row.corrects),
    ...optional('reason', row.reason),
    ...optional('by', names.get(row.byUser)),
    ...optional('stamp', stamp),
  };
}
