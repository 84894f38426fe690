import type {
  KeptTrialReading,
  Me,
  NewSettled,
  NewTrialEvent,
  NewTrialMove,
  NewTrialReading,
  ReopenRun,
  TrialExclusion,
  TrialPage,
} from '@bent-pail/contract';
import { dayIn, daysBetween, requireTrialReading, sownOn } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { requireOpenYear } from '../years/requireOpenYear';
import type { TrialEntity, TrialPlotEntity } from './entities';
import { requireTrial, stateOf, trialPage } from './page';
import { within } from './plans';
import { toReading } from './record';
import { changeTrial, heldTrial, insertSaid, insertTrialReading, plotOf, readingsIn } from './repository';

/** A trial that is sown and not finished. */
function requireRunning(trial: TrialEntity): void {
  const state = stateOf(trial);
  if (state === 'planned') throw conflict('This trial is not laid out yet; draw its layout first.');
  if (state === 'finished')
    throw conflict('This trial is finished: what was read stands. Open it again with a reason.');
}

async function requirePlot(
  manager: EntityManager,
  trialId: string,
  path: string,
  id: string,
): Promise<TrialPlotEntity> {
  const plot = await plotOf(manager, trialId, id);
  if (plot === null) throw refused(path, 'This trial has no such plot.');
  return plot;
}

/** A clock that runs a little ahead is not in the future. */
const AHEAD_MS = 12 * 3600_000;

async function requirePast({ db, clock }: Context, path: string, day: string): Promise<void> {
  const { zone } = await notebookRow(db.manager);
  if (day > dayIn(zone, clock.now() + AHEAD_MS)) throw refused(path, 'That day is still to come.');
}

export async function listReadings({ db }: Context, id: string): Promise<readonly KeptTrialReading[]> {
  await requireTrial(db.manager, id);
  return (await readingsIn(db.manager, id)).map(toReading);
}

/** Keeps one cell; the same again changes nothing. */
export async function keepTrialReading(
  context: Context,
  me: Me,
  trialId: string,
  body: NewTrialReading,
): Promise<KeptTrialReading> {
  const { db, clock } = context;
  await requirePast(context, 'on', body.on);
  const { id, plotId, plant, trait, on, value = null, state = null, signs = null } = body;
  const row = { id, trialId, plotId, plant, trait, readOn: on, value, state, signs, byUser: me.id };
  const reading = { ...row, takenAt: new Date(body.takenAt), keptAt: new Date(clock.now()) };
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'reading', said: { trialId, ...body } }, async () => {
      const trial = await requireTrial(manager, trialId);
      requireRunning(trial);
      const plot = await requirePlot(manager, trialId, 'plotId', plotId);
      const arm = trial.plan.arms.find(({ key }) => key === plot.arm);
      if (arm !== undefined && daysBetween(sownOn(trial.plan, arm), on) < 0)
        throw refused('on', `${arm.name} was sown later than that.`);
      within('', () => {
        requireTrialReading(trial.plan, plot.species, body);
      });
      await insertTrialReading(manager, reading);
    }),
  );
  return toReading({ ...reading, seq: 0 });
}

export async function keepEvent(context: Context, me: Me, trialId: string, body: NewTrialEvent): Promise<TrialPage> {
  const { db, clock } = context;
  await requirePast(context, 'on', body.on);
  const { id, on, kind, words = null, arm = null, water_mL = null, keptUp = null } = body;
  if (kind === 'watered' ? water_mL === null && keptUp === null : words === null)
    throw refused(
      kind === 'watered' ? 'water_mL' : 'words',
      kind === 'watered' ? 'Say how much water, or whether it kept up.' : 'Say what happened.',
    );
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'event', said: { trialId, ...body } }, async () => {
      const trial = await requireTrial(manager, trialId);
      requireRunning(trial);
      if (arm !== null && !trial.plan.arms.some(({ key }) => key === arm))
        throw refused('arm', 'This trial has no such medium.');
      const said = { id, trialId, byUser: me.id, keptAt: new Date(clock.now()) };
      await insertSaid(manager, 'event', { ...said, happenedOn: on, kind, words, arm, water_mL, keptUp });
    }),
  );
  return trialPage(db.manager, trialId);
}

export async function excludePlot(context: Context, me: Me, trialId: string, body: TrialExclusion): Promise<TrialPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'exclusion', said: { trialId, ...body } }, async () => {
      requireRunning(await requireTrial(manager, trialId));
      await requirePlot(manager, trialId, 'plotId', body.plotId);
      await insertSaid(manager, 'exclusion', { ...body, trialId, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
  return trialPage(db.manager, trialId);
}

/** Two plots changed places; where lot had put them stays known. */
export async function movePlot(context: Context, me: Me, trialId: string, body: NewTrialMove): Promise<TrialPage> {
  const { db, clock } = context;
  await requirePast(context, 'on', body.on);
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'move', said: { trialId, ...body } }, async () => {
      requireRunning(await requireTrial(manager, trialId));
      await requirePlot(manager, trialId, 'plotId', body.plotId);
      await requirePlot(manager, trialId, 'withId', body.withId);
      if (body.plotId === body.withId) throw refused('withId', 'A plot changes its place with another one.');
      const { id, plotId, withId, on, reason } = body;
      const said = { id, trialId, byUser: me.id, keptAt: new Date(clock.now()) };
      await insertSaid(manager, 'move', { ...said, plotId, withId, movedOn: on, reason });
    }),
  );
  return trialPage(db.manager, trialId);
}

/** Says what of a difference besides the medium; of a finished trial too, which may then tell more. */
export async function settleDifference(
  context: Context,
  me: Me,
  trialId: string,
  body: NewSettled,
): Promise<TrialPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'settled difference', said: { trialId, ...body } }, async () => {
      await requireTrial(manager, trialId);
      await insertSaid(manager, 'settled', { ...body, trialId, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
  return trialPage(db.manager, trialId);
}

/** From here on what was read stands, and the scorecards and blends hear of it. */
export async function finishTrial({ db, clock }: Context, id: string): Promise<TrialPage> {
  await db.transaction(async (manager) => {
    const trial = await heldTrial(manager, id);
    if (trial === null) throw notFound('trial');
    if (trial.finishedAt !== null) return;
    requireRunning(trial);
    await changeTrial(manager, id, { finishedAt: new Date(clock.now()) });
  });
  return trialPage(db.manager, id);
}

export async function reopenTrial({ db, clock }: Context, me: Me, id: string, body: ReopenRun): Promise<TrialPage> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'reopening', said: { trialId: id, ...body } }, async () => {
      const trial = await heldTrial(manager, id);
      if (trial === null) throw notFound('trial');
      if (trial.finishedAt === null) throw conflict('This trial is not finished.');
      await requireOpenYear(manager, trial.finishedAt);
      await changeTrial(manager, id, { finishedAt: null });
      const said = { id: body.id, trialId: id, byUser: me.id, keptAt: new Date(clock.now()) };
      await insertSaid(manager, 'reopening', { ...said, reason: body.reason });
    }),
  );
  return trialPage(db.manager, id);
}
