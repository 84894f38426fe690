import pg from 'pg';

/**
 * A connection to PostgreSQL that may be lost at any moment, also between two questions and while it changes hands: the
 * next question says so. Unheard by anybody, its end would end the server.
 */
export class SteadyClient extends pg.Client {
  constructor(config?: string | pg.ClientConfig) {
    super(config);
    this.on('error', () => undefined);
  }
}
