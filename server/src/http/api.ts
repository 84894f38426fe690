import { Router } from 'express';
import type { Clock } from '../clock';
import { inTheNameOf } from '../database/author';
import type { Route } from './defineRoute';
import { guard } from './guard';

/** What changes something does it in the name of whoever asks. */
const named =
  ({ method, handle }: Route, clock: Clock): Route['handle'] =>
  (request, response) =>
    method === 'get' || request.who === undefined
      ? handle(request, response)
      : inTheNameOf({ id: request.who.id, at: new Date(clock.now()).toISOString() }, () => handle(request, response));

/** Every route of the server, each behind the guard that it names. */
export function apiRouter(routes: readonly Route[], clock: Clock): Router {
  const router = Router();
  for (const route of routes) router[route.method](route.address, guard(route.guard), named(route, clock));
  return router;
}
