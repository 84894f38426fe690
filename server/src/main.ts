import { readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { setFlagsFromString } from 'node:v8';
import { openNotebook } from './accounts/service';
import { createApp } from './app';
import { shiftedClock, systemClock } from './clock';
import { readConfig } from './config';
import { openOrExit } from './database/openDatabase';
import { createLogger } from './http/logger';
import { answerOddRequests } from './http/oddRequests';

/** How long open answers may take when the server is asked to stop. */
const CLOSING_MS = 3000;

/**
 * Memory is cleaned once it holds half as much again as what lives, not four times that: a server stands beside others
 * on a small computer, and what a busy bench leaves behind would grow for ten minutes before anything of it goes.
 */
setFlagsFromString('--heap-growing-percent=50');

const config = readConfig(process.env);
const logger = createLogger(config.logLevel);
const clock = config.clockFile === undefined ? systemClock : shiftedClock(config.clockFile);
const db = await openOrExit(config.databaseUrl, config.backups);
const notebook = await openNotebook(db, config.demo);
const app = createApp({
  ground: { db, clock, ...(config.network === undefined ? {} : { networkAddress: config.network.address }) },
  databaseUrl: config.databaseUrl,
  backups: config.backups,
  sessionSecret: notebook.sessionSecret,
  logger,
  hosts: config.hosts,
  proxies: config.proxies,
  ...(config.network === undefined ? {} : { trustFile: config.network.authorityFile }),
  ...(config.webRoot === undefined ? {} : { webRoot: config.webRoot }),
});

/** Whoever started this hears that it is open, or why not. */
function tell(what: { readonly open: true } | { readonly taken: number }): void {
  process.send?.(what);
}

function listen(server: Server, port: number, host: string): Promise<Server> {
  answerOddRequests(server);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      logger.info({ host, port }, 'listening');
      resolve(server);
    });
  });
}

async function openDoors(): Promise<readonly Server[]> {
  const { network } = config;
  const own = await listen(createServer(app.express), config.port, config.host);
  if (network === undefined) return [own];
  const key = readFileSync(network.keyFile);
  const cert = readFileSync(network.certFile);
  return [own, await listen(createSecureServer({ key, cert }, app.express), network.port, network.host)];
}

let doors: readonly Server[] = [];
try {
  doors = await openDoors();
  tell({ open: true });
} catch (error) {
  const { code, port } = error as { readonly code?: string; readonly port?: number };
  if (code === 'EADDRINUSE' && port !== undefined) tell({ taken: port });
  else logger.fatal({ err: error }, 'cannot listen');
  // The message is on its way once the channel is closed.
  if (process.connected) process.disconnect();
  process.exit(1);
}

let stopping = false;
function stop(): void {
  if (stopping) return;
  stopping = true;
  setTimeout(() => process.exit(0), CLOSING_MS).unref();
  const closed = doors.map(
    (door) =>
      new Promise<void>((resolve) => {
        door.close(() => {
          resolve();
        });
        door.closeIdleConnections();
      }),
  );
  app.hangUp();
  void Promise.all(closed)
    .then(() => app.close())
    .then(() => db.destroy())
    .then(() => process.exit(0));
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
