import { randomUUID } from 'node:crypto';
import { pause } from './mortal';

/** Something to be kept, under an id of its own. */
export interface ToKeep {
  readonly id: string;
  readonly method: string;
  readonly address: string;
  readonly body: object;
}

/** What is written without end: the next thing, and which ids of it the database holds. */
export interface Kind {
  readonly name: string;
  readonly next: (n: number, now: string) => ToKeep;
  /** A question that gives a row with an `id` for each thing that is kept. */
  readonly kept: string;
  /** Where a later one stands instead of the one before, as a mark does: only the last is there. */
  readonly isReplaced?: true;
}

/** Statuses that say: later. A server that is away, or a phone that is asked to go slower. */
const LATER = new Set([429, 502, 503, 504]);
const GIVE_UP_MS = 5000;
const TO_COME = /taken in the future|still to come/;
const AGAIN_MS = 25;

/** Somebody who types without end: each thing is sent until it is answered, as a browser does. */
export class Writer {
  readonly acknowledged: string[] = [];
  /** How many were of a time that is to come. */
  refused = 0;
  private ahead_ms = 0;
  private cookie = '';
  private stopped = false;

  constructor(private readonly url: string) {}

  async send(method: string, address: string, body: object): Promise<Response> {
    return fetch(`${this.url}/api${address}`, {
      method,
      headers: { origin: this.url, 'content-type': 'application/json', cookie: this.cookie },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(GIVE_UP_MS),
    });
  }

  ask(address: string): Promise<Response> {
    return fetch(`${this.url}/api${address}`, { headers: { cookie: this.cookie } });
  }

  /** Sends something that must be taken; gives what came back, and keeps the session that came with it. */
  async tell<T>(method: string, address: string, body: object): Promise<T> {
    const answer = await this.send(method, address, body);
    const set = answer.headers.get('set-cookie');
    if (set !== null) this.cookie = set.split(';')[0] ?? '';
    const text = await answer.text();
    if (!answer.ok) throw new Error(`${method} ${address} was answered ${String(answer.status)}: ${text}`);
    return JSON.parse(text) as T;
  }

  signIn(name: string): Promise<unknown> {
    return this.tell('POST', '/session/demo', { name });
  }

  async write(kind: Kind): Promise<void> {
    for (let n = 1; !this.stopped; n += 1) {
      const one = kind.next(n, this.now());
      if (await this.isKept(one)) this.acknowledged.push(one.id);
    }
  }

  /** Sends it until it is kept; one that was taken in the future, as a clock has it that was set back, is not. */
  private async isKept({ method, address, body }: ToKeep): Promise<boolean> {
    for (;;) {
      const answer = await this.send(method, address, body).catch(() => undefined);
      if (answer?.ok === true) return true;
      if (answer !== undefined && !LATER.has(answer.status)) {
        const said = await answer.text();
        if (!TO_COME.test(said)) throw new Error(`${method} ${address} was answered ${String(answer.status)}: ${said}`);
        this.refused += 1;
        await this.lookAtClock();
        return false;
      }
      await pause(answer?.status === 429 ? 40 * AGAIN_MS : AGAIN_MS);
    }
  }

  /** It goes by the server's clock, as a page does that looks at it each minute. */
  private async lookAtClock(): Promise<void> {
    const { now } = (await (await this.ask('/time')).json()) as { readonly now: number };
    this.ahead_ms = now - Date.now();
  }

  private now(): string {
    return new Date(Date.now() + this.ahead_ms).toISOString();
  }

  stop(): void {
    this.stopped = true;
  }
}

export const newId = (): string => randomUUID();
