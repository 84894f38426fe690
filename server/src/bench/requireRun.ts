import type { EntityManager } from 'typeorm';
import { notFound, refused } from '../http/problems';
import { requireOpenYear } from '../years/requireOpenYear';
import type { RunEntity } from './entities';
import { heldRun, runOf } from './runRepository';

function found(run: RunEntity | null): RunEntity {
  if (run === null) throw notFound('run');
  return run;
}

/** A run, or a sentence that there is none. */
export const requireRun = async (manager: EntityManager, id: string): Promise<RunEntity> =>
  found(await runOf(manager, id));

/** The same, held until the transaction ends, to be changed: one that was finished in a closed year stands. */
export async function holdRun(manager: EntityManager, id: string): Promise<RunEntity> {
  const run = found(await heldRun(manager, id));
  if (run.finishedAt !== null) await requireOpenYear(manager, run.finishedAt);
  return run;
}

/** Refuses to go on with a run that was put away. */
export function requireOnBench({ archivedAt }: RunEntity): void {
  if (archivedAt !== null) throw refused('run', 'This run was put away: bring it back before you go on with it.');
}
