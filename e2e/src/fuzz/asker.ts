import type { Call } from './calls';

/** How a question was answered. */
export interface Answered {
  readonly status: number;
  readonly text: string;
  readonly type: string;
  readonly took_ms: number;
}

/** Somebody who asks past the pages, with a session of their own. */
export class FuzzAsker {
  private cookie = '';

  constructor(private readonly url: string) {}

  async signIn(name: string): Promise<void> {
    const { status } = await this.ask({ method: 'POST', address: '/session/demo', body: { name } });
    if (status !== 200) throw new Error(`signing in as ${name} was answered ${String(status)}`);
  }

  async ask({ method, address, body, file }: Omit<Call, 'route'>): Promise<Answered> {
    const began = performance.now();
    const sent = file === undefined ? (body === undefined ? undefined : JSON.stringify(body)) : new Uint8Array(file);
    const response = await fetch(`${this.url}/api${address}`, {
      method,
      headers: {
        origin: this.url,
        'content-type': file === undefined ? 'application/json' : 'application/octet-stream',
        ...(this.cookie === '' ? {} : { cookie: this.cookie }),
      },
      ...(sent === undefined ? {} : { body: sent }),
    });
    const set = response.headers.get('set-cookie');
    if (set !== null) this.cookie = set.split(';')[0] ?? '';
    const text = await response.text();
    const type = response.headers.get('content-type') ?? '';
    return { status: response.status, text, type, took_ms: performance.now() - began };
  }

  /** A phone joins a group of a class that is on. */
  async join(code: string): Promise<void> {
    const { status } = await this.ask({ method: 'POST', address: '/join/group', body: { code, group: 1 } });
    if (status >= 300) throw new Error(`joining was answered ${String(status)}`);
  }

  async json<T>(address: string): Promise<T> {
    return JSON.parse((await this.ask({ method: 'GET', address })).text) as T;
  }
}
