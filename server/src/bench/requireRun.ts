import type { Me } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { HttpProblem, notFound } from '../http/problems';
import type { RunEntity } from './entities';
import { heldRun, runOf } from './runRepository';

/** A student works only on the runs given to them. */
function own(run: RunEntity | null, me: Me | undefined): RunEntity {
  if (run === null) throw notFound('run');
  if (me?.role === 'student' && run.studentId !== me.id)
    throw new HttpProblem(403, { code: 'not-yours', message: 'This run was not given to you.' });
  return run;
}

/** A run, or a sentence that there is none; with a person, only one that is theirs to look at and write on. */
export async function requireRun(manager: EntityManager, id: string, me?: Me): Promise<RunEntity> {
  return own(await runOf(manager, id), me);
}

/** The same, held until the transaction ends. */
export async function holdRun(manager: EntityManager, id: string, me?: Me): Promise<RunEntity> {
  return own(await heldRun(manager, id), me);
}
