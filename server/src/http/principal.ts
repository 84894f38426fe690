import type { Me } from '@bent-pail/contract';
import type { Request } from 'express';
import { HttpProblem } from './problems';

/** Which runs somebody reaches: all of them, those that were given to them, or none. */
export type Scope =
  | { readonly runs: 'all' }
  | { readonly runs: 'given'; readonly to: string }
  | { readonly runs: 'none' };

/** Whoever asks. What they may use stands in the routes' guards by role; how far it reaches, in their scope. */
export interface Principal extends Me {
  readonly scope: Scope;
}

declare module 'express-serve-static-core' {
  interface Request {
    /** Who is signed in, as the notebook has them at this very request. */
    who?: Principal;
  }
}

/** A person as somebody who asks: a student ends at the runs given to them, a panellist knows of none. */
export function principalOf(me: Me): Principal {
  if (me.role === 'student') return { ...me, scope: { runs: 'given', to: me.id } };
  return { ...me, scope: { runs: me.role === 'panellist' ? 'none' : 'all' } };
}

/** The person themselves, as pages are told of them. */
export const personOf = ({ id, name, role, singleKeys, units }: Principal): Me => ({
  id,
  name,
  role,
  singleKeys,
  units,
});

/** Who asks; only behind a guard that lets nobody else through. */
export function whoAsks({ who }: Request): Principal {
  if (who === undefined)
    throw new HttpProblem(401, { code: 'signed-out', message: 'Sign in first; what you typed is kept here.' });
  return who;
}

/** The one whose given runs are all that is reached; undefined where that is no limit. */
export const givenTo = ({ scope }: Principal): string | undefined => (scope.runs === 'given' ? scope.to : undefined);

/** Whether somebody sees all of the notebook: leads, testers and readers. */
export const seesAll = ({ scope }: Principal): boolean => scope.runs === 'all';
