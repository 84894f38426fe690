import type { GroupPage, NewGroupReading, NewGuess } from '@bent-pail/contract';
import { readingRefusal, stepsFor, type PupilFigure } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import type { GroupLink } from '../http/principal';
import { notFound, refused } from '../http/problems';
import { potOf, requireClass, sheetOf } from './classPage';
import type { ClassEntity } from './entities';
import { groupPage } from './groupPage';
import { guessesOf, insertGuess, insertReading, readingsOf, samplesOf } from './repository';

/** A reading may say that it was taken this long ahead of the server's clock: phones run fast. */
const AHEAD_MS = 24 * 3600 * 1000;

async function requireSample(manager: EntityManager, classId: string, sampleId: string): Promise<void> {
  if (!(await samplesOf(manager, classId)).some(({ id }) => id === sampleId)) throw notFound('sample');
}

const toGuess = (row: ClassEntity): readonly PupilFigure[] =>
  sheetOf(row).figures.filter(({ guess }) => guess !== undefined);

/** Keeps a guess, before the sheet of its sample opens; a second one stands instead of the first until then. */
export async function keepGuess(context: Context, link: GroupLink, body: NewGuess): Promise<GroupPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'guess', said: { ...body, groupId: link.groupId } }, async () => {
      const row = await requireClass(manager, link.classId);
      await requireSample(manager, link.classId, body.sampleId);
      const figure = toGuess(row).find(({ key }) => key === body.figure);
      if (figure?.guess === undefined) throw refused('figure', 'Nobody guesses that in this lesson.');
      const [lo, hi] = figure.guess;
      if (body.value < lo || body.value > hi)
        throw refused('value', `Guess from ${String(lo)} to ${String(hi)} ${figure.unit}`.trim() + '.');
      if (body.margin > hi - lo) throw refused('margin', 'So wide a margin says nothing.');
      const readings = await readingsOf(manager, [link.groupId]);
      if (readings.some(({ sampleId }) => sampleId === body.sampleId))
        throw refused('sampleId', 'You have begun to measure: what was guessed stands.');
      await insertGuess(manager, { ...body, groupId: link.groupId, keptAt: new Date(clock.now()) });
    }),
  );
  return groupPage(db.manager, link);
}

/** Keeps a reading once everything was guessed. A later one of the same cell stands instead of it. */
export async function keepGroupReading(context: Context, link: GroupLink, body: NewGroupReading): Promise<GroupPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'reading', said: { ...body, groupId: link.groupId } }, async () => {
      const row = await requireClass(manager, link.classId);
      await requireSample(manager, link.classId, body.sampleId);
      if (body.repeat >= row.plan.repeats)
        throw refused('repeat', `Each group measures ${String(row.plan.repeats)} times in this lesson.`);
      const pot = await potOf(manager, row);
      const steps = stepsFor(sheetOf(row), pot?.volume_mL);
      const sentence = readingRefusal({ label: row.plan.title, steps }, body);
      if (sentence !== undefined) throw refused('value', sentence);
      const now = clock.now();
      if (Date.parse(body.takenAt) > now + AHEAD_MS)
        throw refused(
          'takenAt',
          'This reading says that it was taken in the future: look at the clock of the bench computer, and of this device.',
        );
      const guesses = await guessesOf(manager, [link.groupId]);
      const isOpen = toGuess(row).every(({ key }) =>
        guesses.some(({ sampleId, figure }) => sampleId === body.sampleId && figure === key),
      );
      if (!isOpen) throw refused('sampleId', 'Guess first: the sheet opens then.');
      await insertReading(manager, {
        ...body,
        groupId: link.groupId,
        takenAt: new Date(body.takenAt),
        keptAt: new Date(now),
      });
    }),
  );
  return groupPage(db.manager, link);
}
