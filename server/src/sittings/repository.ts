import { In, IsNull, type EntityManager } from 'typeorm';
import { RaterEntity, ScorecardEntity } from '../scores/entities';
import { SittingEntity, WarmUpMarkEntity } from './entities';

export const sittingOf = (manager: EntityManager, id: string): Promise<SittingEntity | null> =>
  manager.findOneBy(SittingEntity, { id });

/** Holds a sitting until the transaction ends: who is on it and who is in is decided by one at a time. */
export const holdSitting = (manager: EntityManager, id: string): Promise<SittingEntity | null> =>
  manager.findOne(SittingEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export async function insertSitting(
  manager: EntityManager,
  sitting: SittingEntity,
  cards: readonly ScorecardEntity[],
): Promise<void> {
  await manager.insert(SittingEntity, sitting);
  await manager.insert(ScorecardEntity, [...cards]);
}

/** A rater's places at a sitting: the samples in the rater's own order. */
export async function insertPlaces(
  manager: EntityManager,
  userId: string,
  cardsInOrder: readonly Pick<ScorecardEntity, 'id'>[],
  knows: string | null,
): Promise<void> {
  await manager.insert(
    RaterEntity,
    cardsInOrder.map(({ id }, i) => ({
      scorecardId: id,
      userId,
      place: i + 1,
      handedInAt: null,
      excusedAt: null,
      excusedBy: null,
      excusedBecause: null,
      knows,
    })),
  );
}

/** The cards of a sitting, by their codes. */
export const cardsOfSitting = (manager: EntityManager, sittingId: string): Promise<ScorecardEntity[]> =>
  manager.find(ScorecardEntity, { where: { sittingId }, order: { sampleCode: 'asc' } });

export const placesOn = (manager: EntityManager, cardIds: readonly string[]): Promise<RaterEntity[]> =>
  manager.find(RaterEntity, { where: { scorecardId: In([...cardIds]) }, order: { userId: 'asc', place: 'asc' } });

/** Closes what a rater has not handed in. Returns how many sheets that were. */
export async function excuse(
  manager: EntityManager,
  cardIds: readonly string[],
  userId: string,
  said: Pick<RaterEntity, 'excusedAt' | 'excusedBy' | 'excusedBecause'>,
): Promise<number> {
  const { affected } = await manager.update(
    RaterEntity,
    { scorecardId: In([...cardIds]), userId, handedInAt: IsNull(), excusedAt: IsNull() },
    said,
  );
  return affected ?? 0;
}

/** How many criteria each rater has marked on some cards: how many, never what. */
export async function countMarks(
  manager: EntityManager,
  cardIds: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const rows = await manager.query<{ readonly userId: string; readonly marks: number }[]>(
    'select user_id as "userId", count(*)::int as marks from ratings where scorecard_id = any($1::uuid[]) group by user_id',
    [[...cardIds]],
  );
  return new Map(rows.map(({ userId, marks }) => [userId, marks]));
}

/** Warm-up marks: all of a sitting, or one rater's. */
export const warmUpMarksOf = (
  manager: EntityManager,
  sittingId: string,
  userId?: string,
): Promise<WarmUpMarkEntity[]> =>
  manager.findBy(WarmUpMarkEntity, { sittingId, ...(userId === undefined ? {} : { userId }) });

export async function keepWarmUpMark(manager: EntityManager, mark: WarmUpMarkEntity): Promise<void> {
  await manager.upsert(WarmUpMarkEntity, mark, ['sittingId', 'userId', 'criterion']);
}
