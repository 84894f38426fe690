import type { RequestHandler } from 'express';
import rateLimit, { ipKeyGenerator } from 'express-rate-limit';
import type { DataSource } from 'typeorm';
import { SharedHits } from '../http/sharedHits';

/** Wrong passwords for one name from one address in a quarter of an hour before that pair has to wait. */
const WRONG_TRIES = Object.freeze({ windowMs: 15 * 60 * 1000, limit: 10 });

const nameIn = (body: unknown): string => {
  const name = typeof body === 'object' && body !== null ? (body as { readonly name?: unknown }).name : undefined;
  return typeof name === 'string' ? name.trim().toLowerCase() : '';
};

/**
 * Slows guessing down, by name and address together: whoever guesses at one name locks out neither the others behind
 * the same address nor that person at another one.
 */
export const signInLimit = (db: DataSource): RequestHandler =>
  rateLimit({
    ...WRONG_TRIES,
    store: new SharedHits(db, 'sign-in'),
    skip: ({ method, path }) => method !== 'POST' || !/^\/session(\/|$)/.test(path),
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    keyGenerator: (request) => `${ipKeyGenerator(request.ip ?? '')} ${nameIn(request.body)}`,
    message: {
      error: { code: 'too-often', message: 'Too many wrong passwords for this name; wait a quarter of an hour.' },
    },
  });
