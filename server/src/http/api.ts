import { Router } from 'express';
import type { Route } from './defineRoute';
import { guard } from './guard';

/** Every route of the server, each behind the guard that it names. */
export function apiRouter(routes: readonly Route[]): Router {
  const router = Router();
  for (const { method, address, guard: access, handle } of routes) router[method](address, guard(access), handle);
  return router;
}
