import { randomInt } from 'node:crypto';
import type {
  ClassesAsked,
  ClassExclusion,
  ClassOn,
  ClassPage,
  ClassRow,
  Me,
  MoreTime,
  NewClass,
  WipedClass,
} from '@bent-pail/contract';
import { blindCodes } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { lotOf } from '../shelf/lotRepository';
import { vesselsNamed } from '../vessels/repository';
import { classPage, requireClass } from './classPage';
import type { ClassEntity } from './entities';
import { lessonNamed } from './lessons';
import {
  changeClass,
  classByCode,
  classRows,
  endPhonesOf,
  freeOldCodes,
  groupOf,
  heldClass,
  insertClass,
  insertExclusion,
  samplesOf,
} from './repository';
import { deleteClass, insertWipe, wipesKept } from './wipeRepository';

/** Letters and digits that are not mistaken for one another on a wall. */
const CODE_LETTERS = 'ABCDEFGHJKLMNPRTUVWXY346789';
const CODE_LENGTH = 6;
/** A class that begins for a teacher who tries it out ends by itself, too. */
const MINUTE_MS = 60_000;

async function freeCode(manager: EntityManager): Promise<string> {
  for (;;) {
    const code = Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('');
    if ((await classByCode(manager, code)) === null) return code;
  }
}

export const listClasses = ({ db, clock }: Context, asked: ClassesAsked): Promise<readonly ClassRow[]> =>
  classRows(db.manager, new Date(clock.now()), asked);

/** Classes that are on now, for the door. */
export const classesOn = async (context: Context): Promise<readonly ClassOn[]> =>
  (await listClasses(context, { state: 'open' })).map(({ id, name, lesson, endsAt }) => ({ id, name, lesson, endsAt }));

export const pageOf = ({ db, clock }: Context, id: string): Promise<ClassPage> =>
  classPage(db.manager, id, clock.now());

async function requireLots(manager: EntityManager, lotIds: readonly string[]): Promise<void> {
  for (const [i, lotId] of lotIds.entries())
    if ((await lotOf(manager, lotId)) === null) throw refused(`lotIds[${String(i)}]`, 'There is no such lot.');
  if (new Set(lotIds).size < lotIds.length) throw refused('lotIds', 'Each sample is another lot.');
}

/** Begins a class: its groups, its blind samples, the code on the wall. It ends by itself. */
export async function beginClass(context: Context, who: Me, body: NewClass): Promise<ClassPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'class', said: body }, async () => {
      const plan = await lessonNamed(manager, body.lesson, 'lesson');
      await requireLots(manager, body.lotIds);
      if (body.vesselId !== undefined && (await vesselsNamed(manager, [body.vesselId])).length === 0)
        throw refused('vesselId', 'There is no such pot.');
      const now = clock.now();
      await freeOldCodes(manager, new Date(now));
      const row: ClassEntity = {
        id: body.id,
        name: body.name,
        plan,
        code: await freeCode(manager),
        vesselId: body.vesselId ?? null,
        beganAt: new Date(now),
        endsAt: new Date(now + body.minutes * MINUTE_MS),
        revealedAt: null,
        byUser: who.id,
      };
      const codes = blindCodes(body.lotIds.length, randomInt(2 ** 31));
      await insertClass(
        manager,
        row,
        Array.from({ length: body.groups }, (_, i) => ({ id: uuidv7(), classId: body.id, number: i + 1 })),
        body.lotIds.map((lotId, place) => ({
          id: uuidv7(),
          classId: body.id,
          lotId,
          place,
          code: codes[place] as string,
        })),
      );
    }),
  );
  return pageOf(context, body.id);
}

async function change(
  context: Context,
  id: string,
  patch: (row: ClassEntity, now: number) => Partial<ClassEntity>,
): Promise<ClassPage> {
  await context.db.transaction(async (manager) => {
    const row = await heldClass(manager, id);
    if (row === null) throw notFound('class');
    await changeClass(manager, id, patch(row, context.clock.now()));
  });
  return pageOf(context, id);
}

function requireOpen({ endsAt }: ClassEntity, now: number): void {
  if (endsAt.getTime() <= now) throw refused('class', 'This class is over: its link is dead, begin another one.');
}

/** Ends it now: every phone's link is dead from here on. */
export const endClass = (context: Context, id: string): Promise<ClassPage> =>
  change(context, id, (row, now) => (row.endsAt.getTime() <= now ? {} : { endsAt: new Date(now), code: null }));

export const giveMoreTime = (context: Context, id: string, { minutes }: MoreTime): Promise<ClassPage> =>
  change(context, id, (row, now) => {
    requireOpen(row, now);
    return { endsAt: new Date(row.endsAt.getTime() + minutes * MINUTE_MS) };
  });

/** From here on groups see the class's values, the bench's, and how their guesses did. */
export const reveal = (context: Context, id: string): Promise<ClassPage> =>
  change(context, id, ({ revealedAt }, now) => (revealedAt === null ? { revealedAt: new Date(now) } : {}));

async function requireGroup(manager: EntityManager, classId: string, groupId: string): Promise<void> {
  if ((await groupOf(manager, groupId))?.classId !== classId) throw notFound('group');
}

/** Sends every phone of a group away; whoever belongs to it joins again. */
export async function sendAway(context: Context, id: string, groupId: string): Promise<ClassPage> {
  await context.db.transaction(async (manager) => {
    await requireGroup(manager, id, groupId);
    await endPhonesOf(manager, groupId, new Date(context.clock.now()));
  });
  return pageOf(context, id);
}

/** Leaves a group's results on a sample out, or takes them in again, with a reason and in the open. */
export async function excludeGroup(context: Context, who: Me, id: string, body: ClassExclusion): Promise<ClassPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'exclusion', said: { ...body, classId: id } }, async () => {
      await requireClass(manager, id);
      await requireGroup(manager, id, body.groupId);
      if (!(await samplesOf(manager, id)).some((sample) => sample.id === body.sampleId)) throw notFound('sample');
      await insertExclusion(manager, { ...body, byUser: who.id, keptAt: new Date(clock.now()) });
    }),
  );
  return pageOf(context, id);
}

export const listWipes = ({ db }: Context): Promise<readonly WipedClass[]> => wipesKept(db.manager);

/** Takes a class out of the notebook for good; that it was, and how much it held, stays. */
export async function wipeClass(context: Context, who: Me, id: string): Promise<readonly WipedClass[]> {
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    const row = await heldClass(manager, id);
    if (row === null) throw notFound('class');
    const gone = await deleteClass(manager, id);
    await insertWipe(manager, { id: uuidv7(), ...gone, byUser: who.id, wipedAt: new Date(clock.now()) });
  });
  return listWipes(context);
}
