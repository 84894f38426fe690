import { WAITING_HEADER } from '@bent-pail/contract';
import type { Request, RequestHandler } from 'express';
import type { Clock } from '../clock';
import type { Watch } from './watch';

const isoNow = (clock: Clock): string => new Date(clock.now()).toISOString();

/** The route that answered, as the server lists it; nothing of what somebody typed stands in it. */
export function routeOf({ method, route }: Request): string | undefined {
  const address = (route as { readonly path?: unknown } | undefined)?.path;
  return typeof address === 'string' ? `${method} ${address}` : undefined;
}

/** Times what is answered, but for streams, which never end, and files, which take as long as their reader. */
export const timeAnswers =
  (watch: Watch, clock: Clock): RequestHandler =>
  (request, response, next) => {
    const began = performance.now();
    response.once('finish', () => {
      const route = routeOf(request);
      const isLong =
        response.getHeader('content-type') === 'text/event-stream' || response.hasHeader('content-disposition');
      if (route !== undefined && !isLong) watch.answered(route, performance.now() - began, isoNow(clock));
    });
    next();
  };

const FEW_DIGITS = /^\d{1,5}$/;

/** Hears what a browser says of the readings that wait in it. */
export const hearWaiting =
  (watch: Watch, clock: Clock): RequestHandler =>
  (request, _response, next) => {
    const said = request.get(WAITING_HEADER);
    if (request.who !== undefined && said !== undefined && FEW_DIGITS.test(said))
      watch.holds({ userId: request.who.id, readings: Number(said), at: isoNow(clock) });
    next();
  };
