import type { ClassesAsked, ClassRow } from '@bent-pail/contract';
import { In, IsNull, MoreThan, type EntityManager } from 'typeorm';
import {
  ClassEntity,
  ClassExclusionEntity,
  ClassGroupEntity,
  ClassGuessEntity,
  ClassPhoneEntity,
  ClassReadingEntity,
  ClassRunEntity,
  ClassSampleEntity,
  LessonEntity,
} from './entities';

export const lessonsKept = (manager: EntityManager): Promise<LessonEntity[]> =>
  manager.find(LessonEntity, { order: { keptAt: 'ASC' } });

export const lessonOf = (manager: EntityManager, id: string): Promise<LessonEntity | null> =>
  manager.findOneBy(LessonEntity, { id });

export async function insertLesson(manager: EntityManager, lesson: LessonEntity): Promise<void> {
  await manager.insert(LessonEntity, lesson);
}

export const classOf = (manager: EntityManager, id: string): Promise<ClassEntity | null> =>
  manager.findOneBy(ClassEntity, { id });

/** The same, held until the transaction ends. */
export const heldClass = (manager: EntityManager, id: string): Promise<ClassEntity | null> =>
  manager.findOne(ClassEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

/** The class that a code opens, while it lasts. */
export const classByCode = (manager: EntityManager, code: string): Promise<ClassEntity | null> =>
  manager.findOneBy(ClassEntity, { code });

export async function insertClass(
  manager: EntityManager,
  row: ClassEntity,
  groups: readonly ClassGroupEntity[],
  samples: readonly ClassSampleEntity[],
): Promise<void> {
  await manager.insert(ClassEntity, row);
  await manager.insert(ClassGroupEntity, [...groups]);
  await manager.insert(ClassSampleEntity, [...samples]);
}

export async function changeClass(
  manager: EntityManager,
  id: string,
  patch: Partial<Pick<ClassEntity, 'code' | 'endsAt' | 'revealedAt'>>,
): Promise<void> {
  await manager.update(ClassEntity, { id }, patch);
}

/** How many classes are on at a moment. */
export const countOpen = (manager: EntityManager, now: Date): Promise<number> =>
  manager.countBy(ClassEntity, { endsAt: MoreThan(now) });

/** Codes of classes that are over are free for others. */
export async function freeOldCodes(manager: EntityManager, now: Date): Promise<void> {
  await manager.query('update classes set code = null where code is not null and ends_at <= $1', [now]);
}

/** All classes, the newest first; those that are over at the moment given, or not, where it is asked for. */
export async function classRows(
  manager: EntityManager,
  now: Date,
  { state, lot }: ClassesAsked,
): Promise<readonly ClassRow[]> {
  const condition = state === undefined ? 'true' : state === 'open' ? 'c.ends_at > $1' : 'c.ends_at <= $1';
  const rows = await manager.query<(Omit<ClassRow, 'beganAt' | 'endsAt'> & { beganAt: Date; endsAt: Date })[]>(
    `select c.id, c.name, c.plan ->> 'title' as lesson, c.began_at as "beganAt", c.ends_at as "endsAt", u.name as by,
       c.ends_at > $1 as "isOpen",
       (select count(*)::int from class_groups g where g.class_id = c.id) as groups,
       (select count(*)::int from class_readings r join class_groups g on g.id = r.group_id where g.class_id = c.id)
         as readings,
       array(select m.name || ', ' || l.code from class_samples s join lots l on l.id = s.lot_id
         join materials m on m.id = l.material_id where s.class_id = c.id order by s.place) as lots
     from classes c join users u on u.id = c.by_user
     where ${condition} and ($2::uuid is null or exists (
       select from class_samples s where s.class_id = c.id and s.lot_id = $2))
     order by c.began_at desc, c.id limit 200`,
    [now, lot ?? null],
  );
  return rows.map((row) => ({ ...row, beganAt: row.beganAt.toISOString(), endsAt: row.endsAt.toISOString() }));
}

export const groupsOf = (manager: EntityManager, classId: string): Promise<ClassGroupEntity[]> =>
  manager.find(ClassGroupEntity, { where: { classId }, order: { number: 'ASC' } });

export const groupOf = (manager: EntityManager, id: string): Promise<ClassGroupEntity | null> =>
  manager.findOneBy(ClassGroupEntity, { id });

export const groupNumbered = (
  manager: EntityManager,
  classId: string,
  number: number,
): Promise<ClassGroupEntity | null> =>
  manager.findOne(ClassGroupEntity, { where: { classId, number }, lock: { mode: 'pessimistic_write' } });

export const samplesOf = (manager: EntityManager, classId: string): Promise<ClassSampleEntity[]> =>
  manager.find(ClassSampleEntity, { where: { classId }, order: { place: 'ASC' } });

/** How many phones are in each group of a class. */
export async function phonesIn(manager: EntityManager, classId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await manager.query<{ id: string; n: number }[]>(
    `select p.group_id as id, count(*)::int as n from class_phones p join class_groups g on g.id = p.group_id
     where g.class_id = $1 and p.ended_at is null group by p.group_id`,
    [classId],
  );
  return new Map(rows.map(({ id, n }) => [id, n]));
}

export const countPhones = (manager: EntityManager, groupId: string): Promise<number> =>
  manager.countBy(ClassPhoneEntity, { groupId, endedAt: IsNull() });

export async function insertPhone(manager: EntityManager, phone: ClassPhoneEntity): Promise<void> {
  await manager.insert(ClassPhoneEntity, phone);
}

export async function endPhone(manager: EntityManager, id: string, endedAt: Date): Promise<void> {
  await manager.update(ClassPhoneEntity, { id, endedAt: IsNull() }, { endedAt });
}

export async function endPhonesOf(manager: EntityManager, groupId: string, endedAt: Date): Promise<void> {
  await manager.update(ClassPhoneEntity, { groupId, endedAt: IsNull() }, { endedAt });
}

/** Of which group and class a phone is, while it was not sent away and the class lasts. */
export async function linkOf(
  manager: EntityManager,
  phoneId: string,
  now: Date,
): Promise<{ readonly groupId: string; readonly classId: string } | undefined> {
  const [row] = await manager.query<{ groupId: string; classId: string }[]>(
    `select g.id as "groupId", c.id as "classId" from class_phones p
     join class_groups g on g.id = p.group_id join classes c on c.id = g.class_id
     where p.id = $1 and p.ended_at is null and c.ends_at > $2`,
    [phoneId, now],
  );
  return row;
}

export const guessesOf = (manager: EntityManager, groupIds: readonly string[]): Promise<ClassGuessEntity[]> =>
  manager.find(ClassGuessEntity, { where: { groupId: In([...groupIds]) }, order: { keptAt: 'ASC' } });

export async function insertGuess(manager: EntityManager, guess: ClassGuessEntity): Promise<void> {
  await manager.insert(ClassGuessEntity, guess);
}

export const readingsOf = (manager: EntityManager, groupIds: readonly string[]): Promise<ClassReadingEntity[]> =>
  manager.find(ClassReadingEntity, { where: { groupId: In([...groupIds]) }, order: { seq: 'ASC' } });

export async function insertReading(manager: EntityManager, reading: Omit<ClassReadingEntity, 'seq'>): Promise<void> {
  await manager.insert(ClassReadingEntity, reading);
}

export const exclusionsOf = (manager: EntityManager, groupIds: readonly string[]): Promise<ClassExclusionEntity[]> =>
  manager.find(ClassExclusionEntity, { where: { groupId: In([...groupIds]) }, order: { keptAt: 'ASC' } });

export async function insertExclusion(manager: EntityManager, exclusion: ClassExclusionEntity): Promise<void> {
  await manager.insert(ClassExclusionEntity, exclusion);
}

export const runsOf = (manager: EntityManager, groupIds: readonly string[]): Promise<ClassRunEntity[]> =>
  manager.findBy(ClassRunEntity, { groupId: In([...groupIds]) });

export async function insertClassRun(manager: EntityManager, run: ClassRunEntity): Promise<void> {
  await manager.insert(ClassRunEntity, run);
}

/** Some classes for a table, oldest first, after one. */
export const classesAfter = (
  manager: EntityManager,
  after: string,
  ids: readonly string[] | undefined,
): Promise<ClassEntity[]> =>
  manager
    .createQueryBuilder(ClassEntity, 'c')
    .where('c.id > :after', { after })
    .andWhere(ids === undefined ? 'true' : 'c.id in (:...ids)', { ids })
    .orderBy('c.id')
    .limit(20)
    .getMany();
