import { describe, expect, it } from 'vitest';
import { PROPERTIES, type PropertyKey } from '../properties';
import { TERMS, termOf } from '.';

describe('the glossary', () => {
  it('stands behind every property, one term each', () => {
    const keys = Object.keys(PROPERTIES) as PropertyKey[];
    expect(keys.filter((key) => termOf(key) === undefined)).toEqual([]);
    const explained = TERMS.flatMap(({ of = [] }) => of);
    expect(new Set(explained).size).toBe(explained.length);
  });

  it('names each term once, in plain words, with why it matters', () => {
    expect(new Set(TERMS.map(({ key }) => key)).size).toBe(TERMS.length);
    for (const { plain, why, term } of TERMS) {
      expect(plain.length, term).toBeGreaterThan(20);
      expect(why.length, term).toBeGreaterThan(20);
      expect(`${plain} ${why}`, term).toMatch(/^[A-Z].*\.$/);
    }
  });
});
