import fc from 'fast-check';
import { expect, it } from 'vitest';
import { canonicalText, sameContent } from '.';

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
      expect(canonicalText(turned(value))).toBe(canonicalText(value));
      expect(sameContent(turned(value), JSON.parse(canonicalText(value)))).toBe(true);
    }),
    { seed: 7 },
  );
});

it('tells other content apart, and the order of a list', () => {
  expect(sameContent({ a: 1 }, { a: 2 })).toBe(false);
  expect(sameContent([1, 2], [2, 1])).toBe(false);
  expect(sameContent({ a: undefined, b: 1 }, { b: 1 })).toBe(true);
});
