import { answers } from '../database/probe';
import type { Api } from '../http/api';
import type { Server } from '../resource';
import { PUBLIC } from '../http/guard';

/** Addresses that answer whoever asks, without looking at who it is. */
export const NEEDS_NO_SESSION: ReadonlySet<string> = new Set(['/health', '/ready', '/time']);

/** Whether the server lives, whether its database answers and has room, and what time it is. */
export function healthRoutes(api: Api, { db, clock, disk }: Server): void {
  api.route('get', '/health', PUBLIC, (_request, response) => {
    response.json({ status: 'up' });
  });
  api.route('get', '/ready', PUBLIC, async (_request, response) => {
    await answers(db);
    await disk.requireRoom();
    response.json({ status: 'ready' });
  });
  api.route('get', '/time', PUBLIC, (_request, response) => {
    response.json({ now: clock.now() });
  });
}
