/** Somebody signed in. */
export class Client {
  private constructor(
    private readonly url: string,
    private readonly cookie: string,
  ) {}

  static async enter(url: string, name: string): Promise<Client> {
    const answer = await new Client(url, '').send('POST', '/session/demo', JSON.stringify({ name }));
    // The session is kept once the whole answer is here, not before.
    const said = await answer.text();
    if (!answer.ok) throw new Error(`signing in answered ${String(answer.status)}: ${said}`);
    return new Client(url, (answer.headers.get('set-cookie') ?? '').split(';')[0] ?? '');
  }

  /** A phone of a class's group, by the code on the wall. */
  static async join(url: string, code: string, group: number): Promise<Client> {
    const answer = await new Client(url, '').send('POST', '/join/group', JSON.stringify({ code, group }));
    const said = await answer.text();
    if (!answer.ok) throw new Error(`joining answered ${String(answer.status)}: ${said}`);
    return new Client(url, (answer.headers.get('set-cookie') ?? '').split(';')[0] ?? '');
  }

  /** Asks for something and reads all of it; how long that took, ms. */
  async time(address: string): Promise<number> {
    const began = performance.now();
    const answer = await fetch(`${this.url}/api${address}`, { headers: { cookie: this.cookie } });
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${address} answered ${String(answer.status)}`);
    return performance.now() - began;
  }

  /** An answer that is read as it comes. */
  open(address: string): Promise<Response> {
    return fetch(`${this.url}/api${address}`, { headers: { cookie: this.cookie } });
  }

  async ask<T>(address: string): Promise<T> {
    return (await fetch(`${this.url}/api${address}`, { headers: { cookie: this.cookie } })).json() as Promise<T>;
  }

  /** Opens a stream of changes and reads it until told to stop. */
  async listen(signal: AbortSignal, address = '/live'): Promise<{ readonly over: Promise<void> }> {
    const answer = await fetch(`${this.url}/api${address}`, { headers: { cookie: this.cookie }, signal });
    const reader = answer.body?.getReader();
    const read = async (): Promise<void> => {
      while (reader !== undefined && !(await reader.read()).done);
    };
    return {
      over: read().catch((error: unknown) => {
        if (!signal.aborted) throw error;
      }),
    };
  }

  send(method: string, address: string, body: string | Buffer, type = 'application/json'): Promise<Response> {
    return fetch(`${this.url}/api${address}`, {
      method,
      headers: { origin: this.url, cookie: this.cookie, 'content-type': type },
      body: typeof body === 'string' ? body : new Uint8Array(body),
    });
  }
}
