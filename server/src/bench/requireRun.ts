import type { EntityManager } from 'typeorm';
import { givenTo, type Principal } from '../http/principal';
import { HttpProblem, notFound, refused } from '../http/problems';
import { requireOpenYear } from '../years/requireOpenYear';
import type { RunEntity } from './entities';
import { heldRun, runOf } from './runRepository';

/** Whoever is limited to given runs works on no others. */
function own(run: RunEntity | null, who: Principal | undefined): RunEntity {
  if (run === null) throw notFound('run');
  const given = who === undefined ? undefined : givenTo(who);
  if (given !== undefined && run.studentId !== given)
    throw new HttpProblem(403, { code: 'not-yours', message: 'This run was not given to you.' });
  return run;
}

/** A run, or a sentence that there is none; with a person, only one that is theirs to look at and write on. */
export async function requireRun(manager: EntityManager, id: string, who?: Principal): Promise<RunEntity> {
  return own(await runOf(manager, id), who);
}

/** The same, held until the transaction ends, to be changed: one that was finished in a closed year stands. */
export async function holdRun(manager: EntityManager, id: string, who?: Principal): Promise<RunEntity> {
  const run = own(await heldRun(manager, id), who);
  if (run.finishedAt !== null) await requireOpenYear(manager, run.finishedAt);
  return run;
}

/** Refuses to go on with a run that was put away. */
export function requireOnBench({ archivedAt }: RunEntity): void {
  if (archivedAt !== null) throw refused('run', 'This run was put away: bring it back before you go on with it.');
}
