import { EventEmitter } from 'node:events';
import pg from 'pg';
import type { Logger } from 'pino';
import { listenToChanges } from '../database/listen';

/** How long to wait before listening again after PostgreSQL was lost. */
const AGAIN_MS = 1000;

export interface ClassChange {
  readonly classId: string;
  readonly groupId?: string;
}

/** As the database's triggers tell it: a class, and a group behind a space. */
function changeOf(payload: string): ClassChange {
  const [classId = '', groupId] = payload.split(' ');
  return groupId === undefined ? { classId } : { classId, groupId };
}

/** Hears from PostgreSQL which runs and sittings have changed, whoever changed them, and passes it on. */
export class Hub {
  private readonly events = new EventEmitter().setMaxListeners(0);
  private client: pg.Client | undefined;
  private timer: NodeJS.Timeout | undefined;
  private closed = false;

  constructor(
    private readonly databaseUrl: string,
    private readonly logger: Logger,
  ) {}

  /** Begins to listen, and again whenever the connection was lost; what was missed meanwhile is told as `all`. */
  async listen(): Promise<void> {
    if (this.closed) return;
    const client = new pg.Client({ connectionString: this.databaseUrl, connectionTimeoutMillis: 3000 });
    client.on('notification', ({ channel, payload }) => {
      if (channel === 'lot_cards') this.events.emit('cards');
      else if (channel === 'sittings') this.events.emit('sitting', payload);
      else if (channel === 'trials') this.events.emit('trial', payload);
      else if (channel === 'classes') this.events.emit('class', changeOf(payload ?? ''));
      else if (payload !== undefined) this.events.emit('run', payload);
    });
    client.on('error', (error) => {
      this.logger.warn({ err: error }, 'stopped hearing of changes');
      this.later(client);
    });
    client.on('end', () => {
      this.later(client);
    });
    this.client = client;
    try {
      await client.connect();
      await listenToChanges(client);
      this.events.emit('run', 'all');
      this.events.emit('class', { classId: 'all' });
      this.events.emit('trial', 'all');
      this.events.emit('cards');
    } catch (error) {
      this.logger.warn({ err: error }, 'cannot hear of changes yet');
      this.later(client);
    }
  }

  /** Calls back with the id of every run that changes, or `all`; returns how to stop. */
  hear(heard: (runId: string) => void): () => void {
    this.events.on('run', heard);
    return () => {
      this.events.off('run', heard);
    };
  }

  /** Calls back with the id of every sitting at which somebody got on: who is how far, never what. */
  hearSittings(heard: (sittingId: string) => void): () => void {
    this.events.on('sitting', heard);
    return () => {
      this.events.off('sitting', heard);
    };
  }

  /** Calls back with every class in which something changed, and the group that it concerns alone, where it does. */
  hearClasses(heard: (change: ClassChange) => void): () => void {
    this.events.on('class', heard);
    return () => {
      this.events.off('class', heard);
    };
  }

  /** Calls back with the id of every trial of which something was read or said, or `all`. */
  hearTrials(heard: (trialId: string) => void): () => void {
    this.events.on('trial', heard);
    return () => {
      this.events.off('trial', heard);
    };
  }

  /** Calls back when cards may have to follow. */
  hearCards(heard: () => void): void {
    this.events.on('cards', heard);
  }

  /** Tells every open stream to end. */
  hangUp(): void {
    this.events.emit('hang-up');
  }

  whenHungUp(end: () => void): () => void {
    this.events.once('hang-up', end);
    return () => {
      this.events.off('hang-up', end);
    };
  }

  async close(): Promise<void> {
    this.closed = true;
    clearTimeout(this.timer);
    this.hangUp();
    await this.client?.end();
  }

  private later(lost: pg.Client): void {
    if (this.closed || this.client !== lost) return;
    this.client = undefined;
    this.timer = setTimeout(() => {
      void this.listen();
    }, AGAIN_MS);
    this.timer.unref();
  }
}
