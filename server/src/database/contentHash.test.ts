import fc from 'fast-check';
import { expect, it } from 'vitest';
import { contentHash } from './contentHash';

/** The same value with the keys of every object the other way round. */
function turned(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(turned);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, part]) => [key, turned(part)]),
  );
}

it('does not mind the order of keys, at any depth', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(contentHash(turned(value))).toBe(contentHash(value));
    }),
    { seed: 7 },
  );
});

it('tells other content apart, and the order of a list', () => {
  expect(contentHash({ a: 1 })).not.toBe(contentHash({ a: 2 }));
  expect(contentHash([1, 2])).not.toBe(contentHash([2, 1]));
  expect(contentHash({ a: undefined, b: 1 })).toBe(contentHash({ b: 1 }));
});
