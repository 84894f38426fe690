import type { Response } from 'express';
import type { Hub } from './hub';
import { Telling } from './telling';

/** A line now and then keeps proxies from taking a quiet stream for a dead one. */
const HEARTBEAT_MS = 20000;

/** Streams that opened at the same moment, after a restart say, do not all ask at the same moment whether they may go on. */
const nextBeat_ms = (): number => HEARTBEAT_MS * (0.75 + Math.random() / 2);

/** Streams of one reader at most; a browser needs one. */
const MOST_STREAMS = 12;

export interface LiveStream {
  say: (event: string, data: string) => void;
  /** What is stopped once nobody reads any more. */
  until: (stop: () => void) => void;
}

interface Reader {
  /** Whose stream it is: the oldest of too many ends. */
  readonly id: string;
  /** Whether they may still hear; asked now and then. */
  readonly isStillIn: () => Promise<boolean>;
}

/** The open streams of a route, by whoever reads them. */
export class LiveStreams {
  private readonly open = new Map<string, (() => void)[]>();
  private readonly telling = new Telling();

  constructor(private readonly hub: Hub) {}

  /** Answers with a stream of events that goes on until its reader goes or may not hear any more, or the server stops. */
  begin(response: Response, { id, isStillIn }: Reader): LiveStream {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      // Compression would hold the lines back.
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    const end = (): void => {
      response.end();
    };
    const own = [...(this.open.get(id) ?? []), end];
    for (const oldest of own.splice(0, Math.max(0, own.length - MOST_STREAMS))) oldest();
    this.open.set(id, own);
    let beat: NodeJS.Timeout | undefined;
    const beatLater = (): void => {
      beat = setTimeout(() => {
        response.write(': still here\n\n');
        isStillIn().then(
          (isIn) => {
            if (!isIn) end();
          },
          // The database is away: it is asked again at the next beat.
          () => undefined,
        );
        beatLater();
      }, nextBeat_ms());
    };
    beatLater();
    const stops = [
      () => {
        clearTimeout(beat);
      },
      this.hub.whenHungUp(end),
      () => {
        const left = (this.open.get(id) ?? []).filter((one) => one !== end);
        if (left.length === 0) this.open.delete(id);
        else this.open.set(id, left);
      },
    ];
    response.on('close', () => {
      for (const stop of stops) stop();
    });
    return {
      say: (event, data) => {
        this.telling.tell(response, `event: ${event}\ndata:${data === '' ? '' : ` ${data}`}\n\n`);
      },
      until: (stop) => {
        stops.push(stop);
      },
    };
  }
}
