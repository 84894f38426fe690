import type { Me, ReopenRun, RunSheet } from '@bent-pail/contract';
import type { Context } from '../context';
import { ReopeningEntity, RunEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { readSheet } from './readSheet';
import { forgetFigures, keepRunRows } from './runRows';

/** Opens a finished run again: it counts nowhere until it is finished anew; why stands beside it. */
export async function reopenRun({ db, clock }: Context, me: Me, runId: string, body: ReopenRun): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'reopening', said: { ...body, runId } }, async () => {
      const run = await manager.findOne(RunEntity, { where: { id: runId }, lock: { mode: 'pessimistic_write' } });
      if (run === null) throw notFound('run');
      if (run.finishedAt === null) throw refused('run', 'This run is open already.');
      const { id, reason } = body;
      await manager.insert(ReopeningEntity, { id, runId, reason, byUser: me.id, keptAt: new Date(clock.now()) });
      await manager.update(RunEntity, { id: runId }, { finishedAt: null });
      await forgetFigures(manager, runId);
      await keepRunRows(manager, { ...run, finishedAt: null });
    });
    return readSheet(manager, runId);
  });
}
