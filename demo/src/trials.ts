import {
  NewTrial,
  NewTrialEvent,
  NewTrialMove,
  NewTrialReading,
  TrialExclusion,
  type TrialPage,
} from '@bent-pail/contract';
import { dayAfter } from '@bent-pail/core';
import { readBody } from '@bent-pail/server/http/body';
import { excludePlot, finishTrial, keepEvent, keepTrialReading, movePlot } from '@bent-pail/server/trials/keeping';
import { layOut, planTrial } from '@bent-pail/server/trials/plans';
import { trialPage } from '@bent-pail/server/trials/page';
import { v7 as uuidv7 } from 'uuid';
import { blendNamed } from './blendNamed';
import { daysBefore, named, type Happening, type Loading } from './loading';
import type { TrialFile } from './trialFiles';
import { readingsOf } from './trialReadings';

const DAY_MS = 86_400_000;
/** Planned on the evening before it is sown. */
const PLANNED_MS = 14 * 3600_000;

/** A trial as it goes on, once it was planned. */
interface Course {
  readonly loading: Loading;
  readonly file: TrialFile;
  readonly trialId: string;
  readonly sownAt: number;
}

const sownOn = ({ sownAt }: Course): string => new Date(sownAt).toISOString().slice(0, 10);

async function plan(course: Course): Promise<void> {
  const { loading, file, trialId } = course;
  const { context, people, lots } = loading;
  const arms = [];
  for (const { key, name, lot, blend, none } of file.media)
    arms.push({
      key,
      name,
      ...(none === true
        ? { mediumKind: 'none' }
        : blend === undefined
          ? { mediumKind: 'lot', mediumId: named(lots, lot ?? '', 'lot') }
          : { mediumKind: 'blend', mediumId: await blendNamed(loading, blend) }),
      own: file.own[key] ?? {},
    });
  const { question, reference, species, unit, blockIs, blocks, common, settled, observe, pull, asks } = file;
  const body = {
    question,
    arms,
    reference,
    species,
    unit,
    blockIs,
    blocks,
    common: { ...common, sownOn: sownOn(course) },
    settled,
    observe: Object.entries(observe).map(([trait, ages]) => ({ trait, ages })),
    ...(pull === undefined ? {} : { pull }),
    asks,
    within_d: 0,
  };
  const who = named(people, file.by, 'person');
  await planTrial(context, who, readBody(NewTrial, { id: trialId, name: file.name, plan: body }));
  await layOut(context, trialId, { seed: file.seed });
}

const plotNumbered = (page: TrialPage, number: number): string =>
  page.plots.find((plot) => plot.number === number)?.id ?? '';

/** All that was read at an age, plot after plot. */
async function read(course: Course, age_d: number): Promise<void> {
  const { loading, file, trialId } = course;
  const { context, people, clock } = loading;
  const who = named(people, file.by, 'person');
  const page = await trialPage(context.db.manager, trialId);
  const out = new Set(page.out.map(({ plotId }) => plotId));
  const takenAt = new Date(clock.now()).toISOString();
  const on = dayAfter(sownOn(course), age_d);
  for (const { age_d: at, ...reading } of readingsOf(file, page.plots))
    if (at === age_d && !out.has(reading.plotId))
      await keepTrialReading(
        context,
        who,
        trialId,
        readBody(NewTrialReading, { ...reading, id: uuidv7(), on, takenAt }),
      );
}

async function water({ loading, file, trialId, ...course }: Course, at: TrialFile['water'][number]): Promise<void> {
  const who = named(loading.people, file.by, 'person');
  const on = dayAfter(sownOn({ loading, file, trialId, ...course }), at.age_d);
  for (const [arm, water_mL] of Object.entries(at.each_mL)) {
    const wilted = at.wilted?.includes(arm) === true ? { keptUp: false } : {};
    const body = { id: uuidv7(), on, kind: 'watered', arm, water_mL, ...wilted };
    await keepEvent(loading.context, who, trialId, readBody(NewTrialEvent, body));
  }
}

function happeningsOf(loading: Loading, file: TrialFile): Happening[] {
  const sownAt = daysBefore(loading, file.daysAgo, file.at);
  const course: Course = { loading, file, trialId: uuidv7(), sownAt };
  const { context } = loading;
  const { trialId } = course;
  const who = named(loading.people, file.by, 'person');
  const at = (age_d: number, hours: number, happen: () => Promise<unknown>): Happening => ({
    at: sownAt + age_d * DAY_MS + hours * 3600_000,
    happen: async () => {
      await happen();
    },
  });
  const on = (age_d: number): string => dayAfter(sownOn(course), age_d);
  const page = (): Promise<TrialPage> => trialPage(context.db.manager, trialId);
  const ages = [...new Set((Object.values(file.observe) as readonly (readonly number[])[]).flat())];
  const last = Math.max(...ages);
  const readTo_d = file.readTo_d ?? last;
  return [
    { at: sownAt - PLANNED_MS, happen: () => plan(course) },
    ...ages.filter((age_d) => age_d <= readTo_d).map((age_d) => at(age_d, 1, () => read(course, age_d))),
    ...file.water.map((one) => at(one.age_d, 2, () => water(course, one))),
    ...file.events.map(({ age_d, kind, words }) =>
      at(age_d, 3, () =>
        keepEvent(context, who, trialId, readBody(NewTrialEvent, { id: uuidv7(), on: on(age_d), kind, words })),
      ),
    ),
    ...file.out.map(({ plot, age_d, reason }) =>
      at(age_d, 3, async () => {
        const body = { id: uuidv7(), plotId: plotNumbered(await page(), plot), isOut: true, reason };
        await excludePlot(context, who, trialId, readBody(TrialExclusion, body));
      }),
    ),
    ...file.moves.map(({ plot, with: other, age_d, reason }) =>
      at(age_d, 3, async () => {
        const [plotId, withId] = [plotNumbered(await page(), plot), plotNumbered(await page(), other)];
        await movePlot(
          context,
          who,
          trialId,
          readBody(NewTrialMove, { id: uuidv7(), plotId, withId, on: on(age_d), reason }),
        );
      }),
    ),
    ...(file.finished ? [at(last, 4, () => finishTrial(context, trialId))] : []),
  ];
}

/** Trials as they were sown and read, each cell kept when somebody would have kept it. */
export const trialHappenings = (loading: Loading): Happening[] =>
  loading.files.trials.flatMap((file) => happeningsOf(loading, file));
