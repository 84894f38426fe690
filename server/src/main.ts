import { createServer } from 'node:http';
import { pino } from 'pino';
import { openNotebook } from './accounts/service';
import { createApp } from './app';
import { shiftedClock, systemClock } from './clock';
import { readConfig } from './config';
import { openOrExit } from './database/openDatabase';

/** How long open answers may take when the server is asked to stop. */
const CLOSING_MS = 3000;

const config = readConfig(process.env);
const logger = pino({ level: config.logLevel, redact: ['req.headers.cookie', 'req.headers.authorization'] });
const clock = config.clockFile === undefined ? systemClock : shiftedClock(config.clockFile);
const db = await openOrExit(config.databaseUrl);
const notebook = await openNotebook(db, config.demo);
const app = createApp({
  context: { db, clock },
  databaseUrl: config.databaseUrl,
  sessionSecret: notebook.sessionSecret,
  logger,
  ...(config.webRoot === undefined ? {} : { webRoot: config.webRoot }),
});

const server = createServer(app.express);
server.on('error', (error) => {
  logger.fatal({ err: error }, 'cannot listen');
  process.exit(1);
});
server.listen(config.port, config.host, () => {
  logger.info({ host: config.host, port: config.port }, 'listening');
});

let stopping = false;
function stop(): void {
  if (stopping) return;
  stopping = true;
  setTimeout(() => process.exit(0), CLOSING_MS).unref();
  server.close(() => {
    void app
      .close()
      .then(() => db.destroy())
      .then(() => process.exit(0));
  });
  app.hangUp();
  server.closeIdleConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
