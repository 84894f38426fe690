import { ROLE_NAMES, type Role } from '@bent-pail/contract';
import type { RequestHandler } from 'express';
import { groupAsks, whoAsks } from './principal';
import { HttpProblem } from './problems';

/** Who may use a route. Every route states one; a test walks the live router and fails on any that does not. */
export type Access =
  | { readonly kind: 'public' }
  | { readonly kind: 'signed-in'; readonly inPerson?: true }
  | { readonly kind: 'roles'; readonly roles: readonly Role[]; readonly inPerson?: true }
  /** A phone of a class's group: nobody of the notebook, and nothing else is open to it. */
  | { readonly kind: 'group' };

type RolesAccess = Extract<Access, { readonly kind: 'roles' }>;

export const PUBLIC: Access = { kind: 'public' };
export const SIGNED_IN = { kind: 'signed-in' } as const;
export const READS: RolesAccess = { kind: 'roles', roles: ['lead', 'tester', 'reader'] };
export const WORKS: Access = { kind: 'roles', roles: ['lead', 'tester'] };
export const RATES: Access = { kind: 'roles', roles: ['lead', 'tester', 'panellist'] };
export const LEADS: RolesAccess = { kind: 'roles', roles: ['lead'] };
export const GROUP: Access = { kind: 'group' };

/** The same for whoever is there in person: what is about people and ways in is not done by a script's key. */
export const inPerson = <T extends Extract<Access, { readonly kind: 'signed-in' | 'roles' }>>(access: T): T => ({
  ...access,
  inPerson: true,
});

export type Guard = RequestHandler & { readonly access: Access };

declare module 'express-session' {
  interface SessionData {
    userId?: string;
    /** The phone of a class's group. */
    phoneId?: string;
    /** When it began, ms since 1970: ended sessions are those of before. */
    since?: number;
    /** What it was begun with, in words. */
    device?: string;
  }
}

/** A guard that carries what it lets through, so that it can be read off the router. */
export function guard(access: Access): Guard {
  const handler: RequestHandler = (request, _response, next) => {
    if (access.kind === 'group') groupAsks(request);
    else if (access.kind !== 'public') {
      const { role } = whoAsks(request);
      if (access.kind === 'roles' && !access.roles.includes(role)) {
        throw new HttpProblem(403, { code: 'not-yours', message: `A ${ROLE_NAMES[role]} may not do this.` });
      }
      if (access.inPerson === true && request.get('authorization') !== undefined)
        throw new HttpProblem(403, { code: 'not-yours', message: 'A key may not do this; sign in for that.' });
    }
    next();
  };
  return Object.assign(handler, { access });
}
