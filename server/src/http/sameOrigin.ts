import type { RequestHandler } from 'express';
import { HttpProblem } from './problems';

const READING = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Writes come from our own pages only: the browser says so in Sec-Fetch-Site or Origin, and nothing else counts. */
export const sameOriginWrites: RequestHandler = (request, _response, next) => {
  // A script shows its key itself: no page of somebody else's can make a browser do that.
  if (READING.has(request.method) || request.get('authorization') !== undefined) {
    next();
    return;
  }
  const site = request.get('sec-fetch-site');
  const origin = request.get('origin');
  const ownOrigin = origin !== undefined && origin === `${request.protocol}://${request.get('host') ?? ''}`;
  if (site === 'same-origin' || (site === undefined && ownOrigin)) {
    next();
    return;
  }
  throw new HttpProblem(403, { code: 'foreign', message: 'Writes are taken from this notebook’s own pages only.' });
};
