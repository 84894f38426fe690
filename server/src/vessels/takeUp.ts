import type { Me, RunSheet, TakeUpFillings } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { readSheet } from '../bench/readSheet';
import { keepRunRows } from '../bench/runRows';
import type { Context } from '../context';
import type { RunEntity } from '../bench/entities';
import { holdRun } from '../bench/requireRun';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import { loadFillings } from './fillings';
import { insertStamp } from './repository';

interface Stamping {
  readonly id: string;
  readonly run: RunEntity;
  readonly me: Me;
  readonly at: Date;
  readonly reason: string | null;
}

async function stamp(manager: EntityManager, { id, run, me, at, reason }: Stamping): Promise<void> {
  const { counting } = await loadFillings(manager, run.vesselIds);
  const fillingIds = counting.map((filling) => filling.id);
  await insertStamp(manager, { id, runId: run.id, fillingIds, reason, byUser: me.id, keptAt: at });
}

/** Ties a run that is finished to the fillings of its vessels as they are; called in the transaction of finishing. */
export async function stampFinished(manager: EntityManager, run: RunEntity, me: Me, at: Date): Promise<void> {
  if (run.vesselIds.length > 0) await stamp(manager, { id: uuidv7(), run, me, at, reason: null });
}

/** Lets a finished run stand on its vessels' fillings as they are now; the stamps before stay. */
export async function takeUpFillings(
  { db, clock }: Context,
  me: Me,
  runId: string,
  body: TakeUpFillings,
): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'stamp', said: { ...body, runId } }, async () => {
      const run = await holdRun(manager, runId);
      if (run.finishedAt === null) throw refused('run', 'This run is open: it stands on the newest fillings anyway.');
      await stamp(manager, { id: body.id, run, me, at: new Date(clock.now()), reason: body.reason });
      await keepRunRows(manager, run);
    });
    return readSheet(manager, runId);
  });
}
