import type { Me } from '@bent-pail/contract';
import type { Request } from 'express';
import { HttpProblem } from './problems';

/** How far somebody reaches: all of the notebook, or the sheets that they rate on and no run. */
export type Scope = 'notebook' | 'own sheets';

/** Whoever asks. What they may use stands in the routes' guards by role; how far it reaches, in their scope. */
export interface Principal extends Me {
  readonly scope: Scope;
}

declare module 'express-serve-static-core' {
  interface Request {
    /** Who is signed in, as the notebook has them at this very request. */
    who?: Principal;
    /** Of which class's group this phone is, while that class lasts. */
    group?: GroupLink;
  }
}

/** A phone that joined a group by the code on the wall: no account, no name, no more than the group's own sheet. */
export interface GroupLink {
  readonly phoneId: string;
  readonly groupId: string;
  readonly classId: string;
}

/** A person as somebody who asks. */
export const principalOf = (me: Me): Principal => ({
  ...me,
  scope: me.role === 'panellist' ? 'own sheets' : 'notebook',
});

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

/** Which group asks; only behind its guard. */
export function groupAsks({ group }: Request): GroupLink {
  if (group === undefined)
    throw new HttpProblem(401, {
      code: 'class-over',
      message:
        'This class is over, or this phone is in no group. Ask for the code on the wall; what you typed is kept here.',
    });
  return group;
}

/** Whether somebody sees all of the notebook: leads, testers and readers. */
export const seesAll = ({ scope }: Principal): boolean => scope === 'notebook';
