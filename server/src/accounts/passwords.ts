import { hash, verify } from '@node-rs/argon2';
import { Gate } from '../http/gate';

/** Argon2id with the parameters that OWASP's cheat sheet gives as its first choice. */
const COST = Object.freeze({ memoryCost: 19456, timeCost: 2, parallelism: 1 });

/** Hashing is slow on purpose: a flood of guesses waits here, and the bench goes on beside it. */
const gate = new Gate({ atOnce: 1, waiting: 40 });

export const hashPassword = (password: string): Promise<string> => gate.through(() => hash(password, COST));

/** Stands where somebody has no password yet: none fits it. */
export const NO_PASSWORD = '!';

export const passwordMatches = (stored: string, password: string): Promise<boolean> =>
  gate.through(() => (stored === NO_PASSWORD ? Promise.resolve(false) : verify(stored, password)));
