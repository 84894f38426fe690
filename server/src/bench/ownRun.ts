import type { Me } from '@bent-pail/contract';
import type { RunEntity } from './entities';
import { HttpProblem } from '../http/problems';

/** Whether a person may write on a run: a student only on one given to them. */
export function requireOwnRun(run: RunEntity, me: Me): void {
  if (me.role === 'student' && run.studentId !== me.id) {
    throw new HttpProblem(403, { code: 'not-yours', message: 'This run was not given to you.' });
  }
}
