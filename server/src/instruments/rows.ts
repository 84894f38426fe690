import type { CalibrationRecord, Instrument } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { CalibrationEntity, InstrumentEntity } from './entities';

export const toInstrument = ({ id, name, kind, showsMv }: InstrumentEntity): Instrument => ({
  id,
  name,
  kind,
  showsMv,
});

export function toCalibration(row: CalibrationEntity, by: string | undefined): CalibrationRecord {
  const { id, at, temp_C, points } = row;
  return { id, at: at.toISOString(), temp_C, points, ...(by === undefined ? {} : { by }) };
}

/** How many readings each calibration has served. */
export async function readingsServed(
  manager: EntityManager,
  ids: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map();
  const rows = await manager.query<{ id: string; n: string }[]>(
    'select calibration_id as id, count(*) as n from readings where calibration_id = any($1) group by 1',
    [ids],
  );
  return new Map(rows.map(({ id, n }) => [id, Number(n)]));
}
