import type { Me, ReopenRun, RunSheet } from '@bent-pail/contract';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import { readSheet } from './readSheet';
import { holdRun, requireOnBench } from './requireRun';
import { changeRun, insertReopening } from './runRepository';
import { forgetFigures } from './rowRepository';
import { keepRunRows } from './runRows';

/** Opens a finished run again: it counts nowhere until it is finished anew; why stands beside it. */
export async function reopenRun({ db, clock }: Context, me: Me, runId: string, body: ReopenRun): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'reopening', said: { ...body, runId } }, async () => {
      const run = await holdRun(manager, runId);
      requireOnBench(run);
      if (run.finishedAt === null) throw refused('run', 'This run is open already.');
      const { id, reason } = body;
      await insertReopening(manager, { id, runId, reason, byUser: me.id, keptAt: new Date(clock.now()) });
      await changeRun(manager, runId, { finishedAt: null });
      await forgetFigures(manager, runId);
      await keepRunRows(manager, { ...run, finishedAt: null });
    });
    return readSheet(manager, runId);
  });
}
