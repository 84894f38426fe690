import { METHODS, seededRandom, type Random } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { runCalc } from '.';

/** A sample in every test run; `npm run trials` takes all of them: 40,000 bodies over all calculations. */
const BODIES = Math.ceil((process.env.BENT_PAIL_TRIALS === undefined ? 1_600 : 40_000) / METHODS.length);

const ODD: readonly unknown[] = [
  0,
  -1,
  1,
  0.5,
  -0.001,
  1e14,
  -1e14,
  1e16,
  1e-29,
  1e-31,
  1e308,
  NaN,
  Infinity,
  null,
  '',
  '12,5',
  true,
  [],
  {},
  [1],
];

interface Place {
  readonly holder: Record<string, unknown> | unknown[];
  readonly key: string;
}

/** Every field and item of a body. */
function placesOf(value: unknown): Place[] {
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => [{ holder, key }, ...placesOf(holder[key])]);
}

const pick = <T>(random: Random, things: readonly T[]): T => things[Math.floor(random() * things.length)] as T;

/** A body that was right, with one to three things in it made odd: replaced, taken away, doubled, scaled. */
function spoilt(random: Random, input: object): unknown {
  const body = structuredClone(input) as Record<string, unknown>;
  for (let left = 1 + Math.floor(3 * random()); left > 0; left -= 1) {
    const places = placesOf(body);
    if (places.length === 0) break;
    const { holder, key } = pick(random, places);
    const at = holder as Record<string, unknown>;
    const was = at[key];
    const how = random();
    if (how < 0.5) at[key] = structuredClone(pick(random, ODD));
    else if (how < 0.7 && typeof was === 'number') at[key] = was * 10 ** (8 * (random() - 0.5));
    else if (how < 0.8) Reflect.deleteProperty(at, key);
    else if (Array.isArray(holder)) holder.push(structuredClone(was));
    else at[key] = [was];
  }
  return body;
}

/** Nulls and numbers that are none, anywhere in an answer. */
function badNumbers(value: unknown, path = ''): string[] {
  if (value === null || (typeof value === 'number' && !Number.isFinite(value))) return [path];
  if (typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, one]) => badNumbers(one, `${path}.${key}`));
}

describe('bodies that nobody meant', () => {
  it.each(METHODS.map(({ name, golden }, i) => ({ name, input: golden.input, seed: 500 + i })))(
    '$name answers or refuses in a sentence',
    ({ name, input, seed }) => {
      const random = seededRandom(seed);
      for (let i = 0; i < BODIES; i += 1) {
        const body = spoilt(random, input);
        // As it would come over the wire, but for what JSON has no word for.
        const answer = runCalc(name, body, { shared: true });
        if (answer.ok) expect(badNumbers(answer.result), JSON.stringify(body)).toEqual([]);
        else {
          expect(answer.error.message, JSON.stringify(body)).toMatch(/^[^\n]+$/);
          expect(answer.error.path.length).toBeGreaterThan(0);
        }
      }
    },
    600_000,
  );
});
