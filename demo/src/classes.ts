import {
  ClassExclusion,
  JoinGroup,
  LetIn,
  NewClass,
  NewGroupReading,
  NewGuess,
  type ClassPage,
} from '@bent-pail/contract';
import { pupilSheetCalled, stepsFor } from '@bent-pail/core';
import { groupPhone } from '@bent-pail/server/classes/joining';
import { keepGroupReading, keepGuess } from '@bent-pail/server/classes/groupSheets';
import { letIn } from '@bent-pail/server/classes/letIn';
import { beginClass, excludeGroup, pageOf, reveal } from '@bent-pail/server/classes/service';
import type { GroupLink } from '@bent-pail/server/http/principal';
import { readBody } from '@bent-pail/server/http/body';
import { v7 as uuidv7 } from 'uuid';
import type { ClassFile, GroupSaidFile } from './classFiles';
import { daysBefore, named, type Happening, type Loading } from './loading';

const MINUTE_MS = 60_000;
/** Coming in and guessing, and from one reading to the next. */
const GUESSED_AFTER_min = 4;
const BETWEEN_min = 2;

/** A class as it goes on, once it has begun. */
interface Course {
  readonly loading: Loading;
  readonly file: ClassFile;
  readonly classId: string;
  readonly links: Map<number, GroupLink>;
}

const sampleOf = (page: ClassPage, { lots }: Loading, code: string): string =>
  page.samples.find(({ lotId }) => lotId === named(lots, code, 'lot'))?.id ?? '';

const groupOf = (page: ClassPage, number: number): string =>
  page.groups.find((group) => group.number === number)?.id ?? '';

async function begin({ loading, file, classId }: Course): Promise<void> {
  const { context, people, lots, vessels } = loading;
  const body = readBody(NewClass, {
    id: classId,
    name: file.name,
    lesson: file.lesson,
    groups: file.groups,
    minutes: file.minutes,
    lotIds: file.lots.map((code) => named(lots, code, 'lot')),
    vesselId: named(vessels, file.vessel, 'vessel'),
  });
  await beginClass(context, named(people, file.by, 'person'), body);
}

/** Comes in with a phone and guesses, of each sample. */
async function comeIn({ loading: { context }, classId, links }: Course, said: GroupSaidFile): Promise<void> {
  const { code, samples } = await pageOf(context, classId);
  const link = await groupPhone(context, undefined, readBody(JoinGroup, { code, group: said.group }));
  links.set(said.group, link);
  for (const { id: sampleId } of samples)
    for (const [figure, [value, margin]] of Object.entries(said.guesses))
      await keepGuess(context, link, readBody(NewGuess, { id: uuidv7(), sampleId, figure, value, margin }));
}

/** The readings of a group in the order in which it takes them, minutes after it began to measure. */
function readingsOf(page: ClassPage, { times }: GroupSaidFile) {
  const sheet = pupilSheetCalled(page.plan.sheet);
  if (sheet === undefined) throw new Error(`There is no sheet ${page.plan.sheet}.`);
  const taken: {
    readonly after_min: number;
    readonly repeat: number;
    readonly step: string;
    readonly value?: number;
  }[] = [];
  let at = 0;
  for (const [repeat, { readings, soak_min, drain_min }] of times.entries()) {
    for (const { key, kind } of stepsFor(sheet, page.pot?.volume_mL)) {
      if (kind === 'time') {
        taken.push({ after_min: at, repeat, step: key });
        at += key === 'soak' ? soak_min : drain_min;
        continue;
      }
      const value = readings[key];
      if (value === undefined) break;
      taken.push({ after_min: at, repeat, step: key, value });
      at += BETWEEN_min;
    }
  }
  return taken;
}

async function measure({ loading, classId, links }: Course, said: GroupSaidFile): Promise<void> {
  const { context, clock } = loading;
  const link = links.get(said.group);
  if (link === undefined) throw new Error(`Group ${String(said.group)} has not come in.`);
  const page = await pageOf(context, classId);
  const from = clock.now();
  for (const { id: sampleId } of page.samples)
    for (const { after_min, repeat, step, value } of readingsOf(page, said)) {
      clock.set(from + after_min * MINUTE_MS);
      const body = readBody(NewGroupReading, {
        id: uuidv7(),
        sampleId,
        repeat,
        step,
        value: value ?? clock.now() / 1000,
        takenAt: new Date(clock.now()).toISOString(),
      });
      await keepGroupReading(context, link, body);
    }
  clock.set(from);
}

/** What the teacher makes of it: the reveal, who is left out and why, what counts as a run. */
async function conclude({ loading, file, classId }: Course): Promise<void> {
  const { context, people } = loading;
  const who = named(people, file.by, 'person');
  const page = await pageOf(context, classId);
  if (file.revealed) await reveal(context, classId);
  for (const { group, lot, reason } of file.out) {
    const said = { groupId: groupOf(page, group), sampleId: sampleOf(page, loading, lot), isOut: true, reason };
    await excludeGroup(context, who, classId, readBody(ClassExclusion, { id: uuidv7(), ...said }));
  }
  for (const { group, lot } of file.letIn) {
    const said = { groupId: groupOf(page, group), sampleId: sampleOf(page, loading, lot) };
    await letIn(context, who, classId, readBody(LetIn, { runId: uuidv7(), ...said }));
  }
}

function happeningsOf(loading: Loading, file: ClassFile): Happening[] {
  const course: Course = { loading, file, classId: uuidv7(), links: new Map() };
  const began =
    file.minutesAgo === undefined
      ? daysBefore(loading, file.daysAgo ?? 0, file.at)
      : loading.loadedAt - file.minutesAgo * MINUTE_MS;
  const after = (minutes: number, happen: () => Promise<void>): Happening => ({
    at: began + minutes * MINUTE_MS,
    happen,
  });
  return [
    after(0, () => begin(course)),
    ...file.said.flatMap((said, i) => [
      after(GUESSED_AFTER_min + i * 0.2, () => comeIn(course, said)),
      after(GUESSED_AFTER_min + 2 + i * 0.2, () => measure(course, said)),
    ]),
    ...(file.revealed ? [after(file.minutes - 2, () => conclude(course))] : []),
  ];
}

/** Classes as they were held, each value kept when a group would have kept it. */
export const classHappenings = (loading: Loading): Happening[] =>
  loading.files.classes.classes.flatMap((file) => happeningsOf(loading, file));
