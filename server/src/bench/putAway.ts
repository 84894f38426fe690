import type { ArchiveRun, Me, RestoreRun, RunSheet } from '@bent-pail/contract';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import { readSheet } from './readSheet';
import { holdRun } from './requireRun';
import { forgetRows } from './rowRepository';
import { changeRun, insertArchiving } from './runRepository';
import { keepRunRows } from './runRows';

/** Puts a run away that was made by mistake: it waits for nothing and counts nowhere; its readings stay with it. */
export async function archiveRun({ db, clock }: Context, me: Me, runId: string, body: ArchiveRun): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'archiving', said: { ...body, runId } }, async () => {
      const run = await holdRun(manager, runId);
      if (run.archivedAt !== null) throw refused('run', 'This run is put away already.');
      const { id, reason } = body;
      const now = new Date(clock.now());
      await insertArchiving(manager, { id, runId, archived: true, reason, byUser: me.id, keptAt: now });
      await changeRun(manager, runId, { archivedAt: now, finishedAt: null });
      await forgetRows(manager, runId);
    });
    return readSheet(manager, runId);
  });
}

/** Brings a run back that was put away: open, so that somebody looks at it before it counts. */
export async function restoreRun({ db, clock }: Context, me: Me, runId: string, body: RestoreRun): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'return', said: { ...body, runId } }, async () => {
      const run = await holdRun(manager, runId);
      if (run.archivedAt === null) throw refused('run', 'This run is on the bench already.');
      const row = { id: body.id, runId, archived: false, reason: 'brought back', byUser: me.id };
      await insertArchiving(manager, { ...row, keptAt: new Date(clock.now()) });
      await changeRun(manager, runId, { archivedAt: null });
      await keepRunRows(manager, { ...run, archivedAt: null });
    });
    return readSheet(manager, runId);
  });
}
