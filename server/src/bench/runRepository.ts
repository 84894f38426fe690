import { In, IsNull, type EntityManager } from 'typeorm';
import { ExclusionEntity, ReadingEntity, ReopeningEntity, RunEntity } from './entities';

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
  change: Partial<Pick<RunEntity, 'instrumentIds' | 'finishedAt'>>,
): Promise<void> {
  await manager.update(RunEntity, { id }, change);
}

/** Open runs that were given to a student. */
export const openRunsOf = (manager: EntityManager, studentId: string): Promise<RunEntity[]> =>
  manager.find(RunEntity, { where: { studentId, finishedAt: IsNull() } });

/** How many runs are open: all of them, or a student's. */
export const countOpenRuns = (manager: EntityManager, studentId?: string): Promise<number> =>
  manager.countBy(RunEntity, { finishedAt: IsNull(), ...(studentId === undefined ? {} : { studentId }) });

export const isRunOf = (manager: EntityManager, id: string, studentId: string): Promise<boolean> =>
  manager.existsBy(RunEntity, { id, studentId });

/** Finished runs of a lot by their number. */
export const finishedRunsOf = (manager: EntityManager, lotId: string): Promise<RunEntity[]> =>
  manager
    .createQueryBuilder(RunEntity, 'run')
    .where('run.lot_id = :lotId and run.finished_at is not null', { lotId })
    .orderBy('run.number')
    .getMany();

/** Readings of some runs in the order in which each run took them. */
export const readingsOf = (manager: EntityManager, runIds: readonly string[]): Promise<ReadingEntity[]> =>
  manager.find(ReadingEntity, { where: { runId: In([...runIds]) }, order: { runId: 'asc', seq: 'asc' } });

export const readingOf = (manager: EntityManager, id: string): Promise<ReadingEntity | null> =>
  manager.findOneBy(ReadingEntity, { id });

/** The reading that corrects another one, where there is one. */
export const correctionOf = (manager: EntityManager, corrected: string): Promise<ReadingEntity | null> =>
  manager.findOneBy(ReadingEntity, { corrects: corrected });

/** Keeps a reading at its place in the order of a run that is held. */
export async function insertReading(manager: EntityManager, reading: ReadingEntity): Promise<void> {
  await manager.query('update runs set reading_seq = $2 where id = $1', [reading.runId, reading.seq]);
  await manager.insert(ReadingEntity, reading);
}

export const exclusionsOf = (manager: EntityManager, runIds: readonly string[]): Promise<ExclusionEntity[]> =>
  manager.find(ExclusionEntity, { where: { runId: In([...runIds]) }, order: { runId: 'asc', replicate: 'asc' } });

export async function insertExclusion(manager: EntityManager, exclusion: ExclusionEntity): Promise<void> {
  await manager.insert(ExclusionEntity, exclusion);
}

export const reopeningsOf = (manager: EntityManager, runId: string): Promise<ReopeningEntity[]> =>
  manager.find(ReopeningEntity, { where: { runId }, order: { keptAt: 'asc' } });

export async function insertReopening(manager: EntityManager, reopening: ReopeningEntity): Promise<void> {
  await manager.insert(ReopeningEntity, reopening);
}
