import type { LotRecord } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { loadRunRows, toRecord } from '../bench/runRecords';
import { RunEntity } from '../bench/entities';
import { LotEntity, MaterialEntity } from '../shelf/entities';
import { optional } from '../database/optional';

/** Everything that a lot's card rests on: its finished runs with their readings. */
export async function loadLotRecord(manager: EntityManager, lotId: string): Promise<LotRecord> {
  const lot = await manager.findOneByOrFail(LotEntity, { id: lotId });
  const material = await manager.findOneByOrFail(MaterialEntity, { id: lot.materialId });
  const runs = await manager
    .createQueryBuilder(RunEntity, 'run')
    .where('run.lot_id = :lotId and run.finished_at is not null', { lotId })
    .orderBy('run.number')
    .getMany();
  const rows = await loadRunRows(manager, runs);
  return {
    id: lot.id,
    name: material.name,
    code: lot.code,
    ...optional('materialClass', material.classId),
    ...optional('price', lot.price),
    ...optional('packVolume_L', lot.packVolume_L),
    runs: runs.map((run) => toRecord(rows, run, material.classId)),
  };
}
