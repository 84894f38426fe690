import type { LotRecord } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { loadRunRows, toRecord } from '../bench/runRecords';
import { finishedRunsOf } from '../bench/runRepository';
import { optional } from '../database/optional';
import { classOf, lotAndMaterial } from '../shelf/lotRepository';
import { readingsOfKin } from './kinRepository';

/** Everything that a lot's card rests on: its finished runs with their readings. */
export async function loadLotRecord(manager: EntityManager, lotId: string): Promise<LotRecord> {
  const { lot, material } = await lotAndMaterial(manager, lotId);
  const classId = classOf(lot, material);
  const runs = await finishedRunsOf(manager, lotId);
  const rows = await loadRunRows(manager, runs);
  return {
    id: lot.id,
    name: material.name,
    code: lot.code,
    materialId: material.id,
    ...optional('materialClass', classId),
    ...optional('price', lot.price),
    ...optional('packVolume_L', lot.packVolume_L),
    ...optional('packWeight_kg', lot.packWeight_kg),
    ...optional('opensTo', lot.opensTo),
    ...optional('opensToBy', lot.opensToBy),
    kin: await readingsOfKin(manager, lotId),
    runs: runs.map((run) => toRecord(rows, run, classId)),
  };
}
