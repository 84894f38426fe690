import type { LessonPlan, Me, NewLesson, OwnLesson } from '@bent-pail/contract';
import { lessonCalled, type Lesson } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import { insertLesson, lessonOf, lessonsKept } from './repository';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

const planOf = ({ key, sheet, title, aim, minutes, repeats, questions }: Lesson): LessonPlan => ({
  key,
  sheet: sheet.key,
  title,
  aim,
  minutes,
  repeats,
  questions,
});

/** A lesson that ships, or one that somebody made. */
export async function lessonNamed(manager: EntityManager, name: string, path: string): Promise<LessonPlan> {
  const shipped = lessonCalled(name);
  if (shipped !== undefined) return planOf(shipped);
  const own = UUID.test(name) ? await lessonOf(manager, name) : null;
  if (own === null) throw refused(path, 'There is no such lesson.');
  return own.plan;
}

/** Lessons that were made here, oldest first; those that ship are known to every page. */
export async function listLessons({ db }: Context): Promise<readonly OwnLesson[]> {
  const kept = await lessonsKept(db.manager);
  const names = await namesOf(
    db.manager,
    kept.map(({ byUser }) => byUser),
  );
  return kept.map(({ plan, byUser, keptAt }) => ({
    ...plan,
    by: names.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  }));
}

/** Makes a lesson from another: its sheet, with words and questions of one's own. */
export async function makeLesson(context: Context, who: Me, body: NewLesson): Promise<readonly OwnLesson[]> {
  const { id, from, ...words } = body;
  await context.db.transaction((manager) =>
    keepOnce(manager, { id, what: 'lesson', said: body }, async () => {
      const { sheet } = await lessonNamed(manager, from, 'from');
      const plan: LessonPlan = { key: id, sheet, ...words };
      await insertLesson(manager, { id, plan, byUser: who.id, keptAt: new Date(context.clock.now()) });
    }),
  );
  return listLessons(context);
}
