import type { RunSheet, TakeBack } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import type { Principal } from '../http/principal';
import { conflict, refused } from '../http/problems';
import type { RunEntity, TakenBackEntity } from './entities';
import { readSheet } from './readSheet';
import { holdRun, requireOnBench } from './requireRun';
import { correctionOf, exclusionsOf, insertTakenBack, readingsOf } from './runRepository';
import { keepRunRows } from './runRows';

/** How long a reading can be taken back, ms: after that it is corrected, with a reason. */
const TAKE_BACK_MS = 10 * 60 * 1000;

async function readingToTakeBack(
  manager: EntityManager,
  run: RunEntity,
  { reading: id }: TakeBack,
  now: number,
): Promise<string> {
  if (run.finishedAt !== null) throw refused('run', 'This run is finished: a reading can only be corrected.');
  const reading = (await readingsOf(manager, [run.id])).find((one) => one.id === id);
  if (reading === undefined) throw refused('reading', 'There is no such reading on this sheet.');
  if (now - reading.keptAt.getTime() > TAKE_BACK_MS)
    throw refused('reading', 'This reading is older than ten minutes: correct it, with a reason.');
  if ((await correctionOf(manager, reading.id)) !== null)
    throw conflict('Somebody has corrected this reading already; look at both.');
  return reading.id;
}

/** Takes a reading back that was kept just now, or takes a replicate in again that was left out; who did it stays. */
export async function takeBack(
  { db, clock }: Context,
  who: Principal,
  runId: string,
  body: TakeBack,
): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'taking back', said: { ...body, runId } }, async () => {
      const run = await holdRun(manager, runId);
      requireOnBench(run);
      const now = clock.now();
      const row: TakenBackEntity = {
        id: body.id,
        runId,
        readingId: null,
        exclusionId: null,
        byUser: who.id,
        keptAt: new Date(now),
      };
      if (body.replicate === undefined) {
        await insertTakenBack(manager, { ...row, readingId: await readingToTakeBack(manager, run, body, now) });
      } else {
        const exclusion = (await exclusionsOf(manager, [runId])).find((one) => one.replicate === body.replicate);
        if (exclusion === undefined) throw refused('replicate', 'This replicate is not left out.');
        await insertTakenBack(manager, { ...row, exclusionId: exclusion.id });
      }
      await keepRunRows(manager, run);
    });
    return readSheet(manager, runId);
  });
}
