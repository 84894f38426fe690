import type { Context } from '../context';
import { RunEntity } from '../database/entities';
import type { Api } from '../http/api';
import { BENCH_READS, meOf } from '../http/guard';
import type { Hub } from './hub';

/** A line now and then keeps proxies from taking a quiet stream for a dead one. */
const HEARTBEAT_MS = 20000;

/**
 * A stream of what changes: `run` with the id of a run, or `all` after anything may have been missed. A page asks for
 * the sheet again when it hears of it, so nothing has to be replayed; whoever connects hears `all` first.
 */
export function liveRoutes(api: Api, { db }: Context, hub: Hub): void {
  api.route('get', '/live', BENCH_READS, (request, response) => {
    const me = meOf(request);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      // Compression would hold the lines back.
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    });
    const say = (runId: string): void => {
      response.write(`event: run\ndata: ${runId}\n\n`);
    };
    const mayHear = async (runId: string): Promise<boolean> => {
      if (me.role !== 'student' || runId === 'all') return true;
      return (await db.manager.countBy(RunEntity, { id: runId, studentId: me.id })) > 0;
    };
    say('all');
    const stopHearing = hub.hear((runId) => {
      mayHear(runId).then(
        (may) => {
          if (may) say(runId);
        },
        // The database is away: the hub says "all" once it is back.
        () => undefined,
      );
    });
    const beat = setInterval(() => response.write(': still here\n\n'), HEARTBEAT_MS);
    const stopWaiting = hub.whenHungUp(() => response.end());
    response.on('close', () => {
      clearInterval(beat);
      stopHearing();
      stopWaiting();
    });
  });
}
