import { In, IsNull, type EntityManager } from 'typeorm';
import {
  ArchivingEntity,
  ExclusionEntity,
  ReadingEntity,
  ReopeningEntity,
  RunEntity,
  TakenBackEntity,
} from './entities';

export const runOf = (manager: EntityManager, id: string): Promise<RunEntity | null> =>
  manager.findOneBy(RunEntity, { id });

/** A run, held until the transaction ends. */
export const heldRun = (manager: EntityManager, id: string): Promise<RunEntity | null> =>
  manager.findOne(RunEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export const insertRunRow = async (manager: EntityManager, run: Omit<RunEntity, 'number'>): Promise<void> => {
  await manager.insert(RunEntity, run);
};

export async function changeRun(
  manager: EntityManager,
  id: string,
  change: Partial<Pick<RunEntity, 'instrumentIds' | 'finishedAt' | 'archivedAt'>>,
): Promise<void> {
  await manager.update(RunEntity, { id }, change);
}

const OPEN = { finishedAt: IsNull(), archivedAt: IsNull() };

/** How many runs are open. */
export const countOpenRuns = (manager: EntityManager): Promise<number> => manager.countBy(RunEntity, OPEN);

/** Finished runs of a lot by their number. */
export const finishedRunsOf = (manager: EntityManager, lotId: string): Promise<RunEntity[]> =>
  manager
    .createQueryBuilder(RunEntity, 'run')
    .where('run.lot_id = :lotId and run.finished_at is not null', { lotId })
    .orderBy('run.number')
    .getMany();

/** Readings of some runs in the order in which each run took them; those that were taken back are none. */
export const readingsOf = (manager: EntityManager, runIds: readonly string[]): Promise<ReadingEntity[]> =>
  manager
    .createQueryBuilder(ReadingEntity, 'reading')
    .where(
      'reading.run_id = any(:runIds) and not exists (select 1 from taken_back t where t.reading_id = reading.id)',
      {
        runIds: [...runIds],
      },
    )
    .orderBy({ 'reading.run_id': 'ASC', 'reading.seq': 'ASC' })
    .getMany();

export const readingsNamed = (manager: EntityManager, ids: readonly string[]): Promise<ReadingEntity[]> =>
  manager.findBy(ReadingEntity, { id: In([...ids]) });

export const readingOf = (manager: EntityManager, id: string): Promise<ReadingEntity | null> =>
  manager.findOneBy(ReadingEntity, { id });

/** The reading that corrects another one and was not taken back, where there is one. */
export const correctionOf = (manager: EntityManager, corrected: string): Promise<ReadingEntity | null> =>
  manager
    .createQueryBuilder(ReadingEntity, 'reading')
    .where('reading.corrects = :corrected', { corrected })
    .andWhere('not exists (select 1 from taken_back t where t.reading_id = reading.id)')
    .getOne();

/** Keeps a reading at its place in the order of a run that is held. */
export async function insertReading(manager: EntityManager, reading: ReadingEntity): Promise<void> {
  await manager.query('update runs set reading_seq = $2 where id = $1', [reading.runId, reading.seq]);
  await manager.insert(ReadingEntity, reading);
}

/** Replicates of some runs that are left out and were not taken in again. */
export const exclusionsOf = (manager: EntityManager, runIds: readonly string[]): Promise<ExclusionEntity[]> =>
  manager
    .createQueryBuilder(ExclusionEntity, 'exclusion')
    .where('exclusion.run_id = any(:runIds)', { runIds: [...runIds] })
    .andWhere('not exists (select 1 from taken_back t where t.exclusion_id = exclusion.id)')
    .orderBy({ 'exclusion.run_id': 'ASC', 'exclusion.replicate': 'ASC' })
    .getMany();

export const exclusionsNamed = (manager: EntityManager, ids: readonly string[]): Promise<ExclusionEntity[]> =>
  manager.findBy(ExclusionEntity, { id: In([...ids]) });

export async function insertExclusion(manager: EntityManager, exclusion: ExclusionEntity): Promise<void> {
  await manager.insert(ExclusionEntity, exclusion);
}

export const reopeningsOf = (manager: EntityManager, runId: string): Promise<ReopeningEntity[]> =>
  manager.find(ReopeningEntity, { where: { runId }, order: { keptAt: 'asc' } });

export async function insertReopening(manager: EntityManager, reopening: ReopeningEntity): Promise<void> {
  await manager.insert(ReopeningEntity, reopening);
}

export const archivingsOf = (manager: EntityManager, runId: string): Promise<ArchivingEntity[]> =>
  manager.find(ArchivingEntity, { where: { runId }, order: { keptAt: 'asc', id: 'asc' } });

export async function insertArchiving(manager: EntityManager, archiving: ArchivingEntity): Promise<void> {
  await manager.insert(ArchivingEntity, archiving);
}

/** What of a run was taken back, oldest first. */
export const takenBackOf = (manager: EntityManager, runId: string): Promise<TakenBackEntity[]> =>
  manager.find(TakenBackEntity, { where: { runId }, order: { keptAt: 'asc', id: 'asc' } });

export async function insertTakenBack(manager: EntityManager, takenBack: TakenBackEntity): Promise<void> {
  await manager.insert(TakenBackEntity, takenBack);
}
