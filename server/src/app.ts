import compression from 'compression';
import connectPgSimple from 'connect-pg-simple';
import express, { type Express, type RequestHandler, type Router } from 'express';
import session from 'express-session';
import helmet from 'helmet';
import pg from 'pg';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { v7 as uuidv7 } from 'uuid';
import { whoIsThis } from './accounts/session';
import { signInLimit } from './accounts/signInLimit';
import { groupLimit, joinLimit } from './classes/limits';
import { Calculator } from './calc/calculator';
import { BackupKeeper } from './backups/keeper';
import { Watch } from './benchComputer/watch';
import { hearWaiting, routeOf, timeAnswers } from './benchComputer/watching';
import { alsoFollows } from './cards/alsoFollows';
import { CardMaker } from './cards/cardMaker';
import { threadWorkshop, type Workshop } from './cards/workshop';
import type { Context, Ground } from './context';
import { SteadyClient } from './database/steadyClient';
import { DiskWatch } from './health/diskWatch';
import { NEEDS_NO_SESSION } from './health/routes';
import { Hub } from './live/hub';
import { apiRouter } from './http/api';
import type { Route } from './http/defineRoute';
import { knownHosts } from './http/hosts';
import { LOGGED } from './http/logger';
import { sayBuild, servePages, serveTrust } from './http/pages';
import { plainBody } from './http/plainBody';
import { answerProblems, notFound } from './http/problems';
import { sameOriginWrites } from './http/sameOrigin';
import type { Server } from './resource';
import { RESOURCES } from './resources';
import { countsIn, TABLES, waitingIn } from './together';

export interface AppOptions {
  readonly ground: Ground;
  /** Where cards are worked out; a thread of its own unless told otherwise. */
  readonly workshop?: Workshop;
  readonly databaseUrl: string;
  /** Folder for backups. */
  readonly backups: string;
  readonly sessionSecret: string;
  readonly logger: Logger;
  readonly webRoot?: string;
  /** Names beside this computer's own that it is reached by. */
  readonly hosts?: readonly string[];
  /** Reverse proxies whose word counts. */
  readonly proxies?: readonly string[];
  /** Certificate of the notebook’s own authority, where phones are to trust it. */
  readonly trustFile?: string;
}

const SESSION_DAYS = 30;
const BODY_LIMIT = '256kb';

export interface App {
  readonly express: Express;
  /** The routes as they are served. */
  readonly router: Router;
  readonly cards: CardMaker;
  /** Ends open streams, so that the server can close. */
  hangUp: () => void;
  close: () => Promise<void>;
}

/** A step that some addresses do without. */
const unless =
  (addresses: ReadonlySet<string>, step: RequestHandler): RequestHandler =>
  (request, response, next) => {
    if (!addresses.has(request.path)) return step(request, response, next);
    next();
    return undefined;
  };

/** The whole HTTP face: what guards every request, then the resources, then the pages. */
export function createApp(options: AppOptions): App {
  const { ground, logger } = options;
  const workshop = options.workshop ?? threadWorkshop();
  const watch = new Watch();
  const warned =
    (words: string) =>
    (error: unknown): void => {
      logger.warn({ err: error }, words);
      watch.trouble({ words, at: new Date(ground.clock.now()).toISOString() });
    };
  const alsoMade = alsoFollows(ground, workshop);
  const cards = new CardMaker(
    ground.db,
    workshop,
    warned('Cards cannot follow just now; they are tried again.'),
    alsoMade,
  );
  const context: Context = { ...ground, cards };
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', options.proxies ?? []);
  app.use(
    pinoHttp({ logger, genReqId: () => uuidv7(), autoLogging: false, serializers: LOGGED, wrapSerializers: false }),
  );
  app.use((request, response, next) => {
    response.setHeader('X-Request-Id', request.id as string);
    next();
  });
  app.use(timeAnswers(watch, ground.clock));
  app.use(knownHosts(options.hosts ?? []));
  app.use(helmet({ contentSecurityPolicy: false, strictTransportSecurity: false }));
  app.use(compression());

  const sessionPool = new pg.Pool({
    connectionString: options.databaseUrl,
    max: 4,
    connectionTimeoutMillis: 3000,
    Client: SteadyClient,
  });
  sessionPool.on('error', (error) => {
    logger.warn({ err: error }, 'a session connection was dropped');
  });
  const Store = connectPgSimple(session);
  const store = new Store({
    pool: sessionPool,
    tableName: 'session',
    createTableIfMissing: false,
    pruneSessionInterval: 3600,
    // The cookie ends when it ends: a write for each request would make each wait for the disk.
    disableTouch: true,
    errorLog: (...parts: unknown[]) => {
      logger.warn({ parts: parts.map(String) }, 'session store');
    },
  });

  const hub = new Hub(options.databaseUrl, logger);
  hub.hearCards(() => {
    cards.wake();
  });
  void hub.listen();
  void cards.start();
  const calculator = new Calculator();
  const disk = new DiskWatch(context.db);
  const backups = new BackupKeeper({
    db: ground.db,
    url: options.databaseUrl,
    folder: options.backups,
    clock: ground.clock,
    warn: warned('No backup was taken today.'),
  });
  backups.begin();
  const together = { waiting: waitingIn(context), counts: countsIn(context), tables: TABLES };
  const allRoutes = (): readonly Route[] => routes;
  const server: Server = {
    ...context,
    hub,
    calculator,
    disk,
    databaseUrl: options.databaseUrl,
    backups,
    watch,
    allRoutes,
    ...together,
  };
  const routes = RESOURCES.flatMap((resource) => resource.routes?.(server) ?? []);
  const router = apiRouter(routes, ground.clock);

  if (options.webRoot !== undefined) app.use('/api', sayBuild(options.webRoot));
  app.use(
    '/api',
    (_request, response, next) => {
      response.setHeader('Cache-Control', 'no-store');
      next();
    },
    sameOriginWrites,
    unless(
      NEEDS_NO_SESSION,
      session({
        store,
        secret: options.sessionSecret,
        name: 'bent-pail',
        resave: false,
        saveUninitialized: false,
        rolling: false,
        cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: SESSION_DAYS * 24 * 3600 * 1000 },
      }),
    ),
    unless(NEEDS_NO_SESSION, whoIsThis(context)),
    hearWaiting(watch, ground.clock),
    express.json({ limit: BODY_LIMIT }),
    plainBody,
    signInLimit(ground.db),
    joinLimit(ground.db),
    groupLimit(ground.db),
    router,
    () => {
      throw notFound('address');
    },
  );
  if (options.trustFile !== undefined) serveTrust(app, options.trustFile);
  if (options.webRoot !== undefined) servePages(app, options.webRoot);
  app.use(
    answerProblems(({ error, problem, request }) => {
      disk.saw(error);
      if (problem.status < 500) return;
      const route = routeOf(request);
      watch.trouble({
        words: problem.message,
        at: new Date(ground.clock.now()).toISOString(),
        requestId: request.id as string,
        ...(route === undefined ? {} : { route }),
      });
    }),
  );

  return {
    express: app,
    router,
    cards,
    hangUp: () => {
      hub.hangUp();
    },
    close: async () => {
      backups.close();
      await cards.close();
      await calculator.close();
      await hub.close();
      store.close();
      await sessionPool.end();
    },
  };
}
