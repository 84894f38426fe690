import { isStillIn } from '../accounts/session';
import { isRunOf } from '../bench/runRepository';
import type { Server } from '../resource';
import { defineRoute, type Route } from '../http/defineRoute';
import { BENCH_READS } from '../http/guard';
import { givenTo } from '../http/principal';

/** A line now and then keeps proxies from taking a quiet stream for a dead one. */
const HEARTBEAT_MS = 20000;

/** Streams of one person at most; a browser needs one. */
const MOST_STREAMS = 12;

/**
 * A stream of what changes: `run` with the id of a run, or `all` after anything may have been missed; `sitting` with
 * the id of a panel's sitting at which somebody got on; `counts` when the numbers of the bench edge may be others. A page asks for the sheet again when it hears of it, so nothing has to be
 * replayed; whoever connects hears `all` first. Ends when its person is signed out.
 */
export function liveRoutes(server: Server): Route[] {
  const { db, hub } = server;
  const streams = new Map<string, (() => void)[]>();
  return [
    defineRoute({
      method: 'get',
      address: '/live',
      guard: BENCH_READS,
      respond: ({ who, request }, response) => {
        const given = givenTo(who);
        response.writeHead(200, {
          'Content-Type': 'text/event-stream',
          // Compression would hold the lines back.
          'Cache-Control': 'no-store, no-transform',
          'X-Accel-Buffering': 'no',
        });
        const say = (heard: string): void => {
          response.write(heard === 'counts' ? 'event: counts\ndata:\n\n' : `event: run\ndata: ${heard}\n\n`);
        };
        const mayHear = async (heard: string): Promise<boolean> => {
          if (given === undefined || heard === 'all' || heard === 'counts') return true;
          return isRunOf(db.manager, heard, given);
        };
        const end = (): void => {
          response.end();
        };
        const own = [...(streams.get(who.id) ?? []), end];
        for (const oldest of own.splice(0, Math.max(0, own.length - MOST_STREAMS))) oldest();
        streams.set(who.id, own);
        say('all');
        const stopHearing = hub.hear((heard) => {
          mayHear(heard).then(
            (may) => {
              if (may) say(heard);
            },
            // The database is away: the hub says "all" once it is back.
            () => undefined,
          );
        });
        // Whose scope is some runs has no panel to look at.
        const stopSittings =
          given === undefined
            ? hub.hearSittings((sittingId) => {
                response.write(`event: sitting\ndata: ${sittingId}\n\n`);
              })
            : undefined;
        const beat = setInterval(() => {
          response.write(': still here\n\n');
          isStillIn(server, request).then(
            (isIn) => {
              if (!isIn) end();
            },
            () => undefined,
          );
        }, HEARTBEAT_MS);
        const stopWaiting = hub.whenHungUp(end);
        response.on('close', () => {
          clearInterval(beat);
          stopHearing();
          stopSittings?.();
          stopWaiting();
          const left = (streams.get(who.id) ?? []).filter((one) => one !== end);
          if (left.length === 0) streams.delete(who.id);
          else streams.set(who.id, left);
        });
      },
    }),
  ];
}
