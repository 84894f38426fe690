import type { RequestHandler } from 'express';
import rateLimit, { ipKeyGenerator } from 'express-rate-limit';
import type { DataSource } from 'typeorm';
import { SharedHits } from '../http/sharedHits';

/** Wrong codes from one address in ten minutes: a whole class behind one address mistypes less often. */
const WRONG_CODES = Object.freeze({ windowMs: 10 * 60 * 1000, limit: 60 });
/** What one phone may keep in a minute: far more than fingers do. */
const WRITES = Object.freeze({ windowMs: 60 * 1000, limit: 120 });

/** Slows guessing codes down. */
export const joinLimit = (db: DataSource): RequestHandler =>
  rateLimit({
    ...WRONG_CODES,
    store: new SharedHits(db, 'join'),
    skip: ({ method, path }) => method !== 'POST' || !/^\/join(\/|$)/.test(path),
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    keyGenerator: (request) => ipKeyGenerator(request.ip ?? ''),
    message: { error: { code: 'too-often', message: 'Too many codes that open nothing; wait ten minutes.' } },
  });

/** Holds a phone that went wild; what it wanted to keep waits in it and is sent again. */
export const groupLimit = (db: DataSource): RequestHandler =>
  rateLimit({
    ...WRITES,
    store: new SharedHits(db, 'group'),
    skip: ({ method, path, group }) => method === 'GET' || group === undefined || !path.startsWith('/group/'),
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    keyGenerator: ({ group }) => group?.phoneId ?? '',
    message: { error: { code: 'too-often', message: 'That was too fast; it is sent again in a minute.' } },
  });
