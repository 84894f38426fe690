import type { HandKind } from '@bent-pail/contract';
import { IsNull, type EntityManager } from 'typeorm';
import { HandTryEntity, TrainingSampleEntity } from './entities';

/** What stands out to be tried, by code. */
export const samplesOut = (manager: EntityManager): Promise<TrainingSampleEntity[]> =>
  manager.find(TrainingSampleEntity, { where: { endedAt: IsNull() }, order: { code: 'ASC' } });

export const sampleOut = (manager: EntityManager, id: string): Promise<TrainingSampleEntity | null> =>
  manager.findOneBy(TrainingSampleEntity, { id, endedAt: IsNull() });

export async function insertSample(manager: EntityManager, sample: TrainingSampleEntity): Promise<void> {
  await manager.insert(TrainingSampleEntity, sample);
}

export async function endSample(manager: EntityManager, id: string, endedAt: Date): Promise<void> {
  await manager.update(TrainingSampleEntity, { id, endedAt: IsNull() }, { endedAt });
}

export interface TryRow {
  readonly id: string;
  readonly sampleId: string;
  readonly code: string;
  readonly kind: HandKind;
  readonly value: number;
  readonly margin: number | null;
  readonly measured: number;
  readonly at: Date;
}

/** One person's tries, oldest first. */
export const triesOf = (manager: EntityManager, userId: string): Promise<readonly TryRow[]> =>
  manager.query(
    `select t.id, t.sample_id as "sampleId", s.code, t.kind, t.value, t.margin, t.measured, t.kept_at as at
     from hand_tries t join training_samples s on s.id = t.sample_id
     where t.user_id = $1 order by t.kept_at, t.id`,
    [userId],
  );

export async function insertTry(manager: EntityManager, row: HandTryEntity): Promise<void> {
  await manager.insert(HandTryEntity, row);
}
