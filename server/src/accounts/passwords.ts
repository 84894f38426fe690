import { hash, verify } from '@node-rs/argon2';

/** Argon2id with the parameters that OWASP's cheat sheet gives as its first choice. */
const COST = Object.freeze({ memoryCost: 19456, timeCost: 2, parallelism: 1 });

export function hashPassword(password: string): Promise<string> {
  return hash(password, COST);
}

export function passwordMatches(stored: string, password: string): Promise<boolean> {
  return verify(stored, password);
}
