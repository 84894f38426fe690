import { describe, expect, it } from 'vitest';
import { METHODS, wordsOf } from '../calc';
import { PROPERTIES } from '../properties';
import { pickAt } from '.';

/** Digits that golden numbers are written with, and that other processors agree on. */
const ALIKE = 1e-9;

describe.each(METHODS.map((method) => [method.stamp, method] as const))('%s', (_, method) => {
  const answer = method.calculate(method.golden.input);
  const given = Object.entries(method.golden.gives);

  it('gives its golden numbers', () => {
    expect(given.length).toBeGreaterThan(0);
    for (const [path, golden] of given) {
      const found = pickAt(answer, path);
      if (typeof golden === 'string') expect(found, path).toBe(golden);
      else
        expect(Math.abs((found as number) - golden), path).toBeLessThanOrEqual(ALIKE * Math.max(1, Math.abs(golden)));
    }
  });

  it('holds every output by a golden number, and has words for it', () => {
    for (const [output, { of }] of Object.entries(method.outputs)) {
      expect(method.golden.gives, output).toHaveProperty([of]);
      expect(wordsOf(`${method.name}.${output}`)?.sentence).toMatch(/\.$/);
    }
  });

  it('calls only properties that there are', () => {
    for (const { property } of Object.values(method.outputs))
      if (property !== undefined) expect(PROPERTIES).toHaveProperty([property]);
  });
});

describe('the methods', () => {
  it('have names of their own', () => {
    expect(new Set(METHODS.map(({ name }) => name)).size).toBe(METHODS.length);
  });

  it('have no words for what none of them gives', () => {
    expect(wordsOf('porosity.colour')).toBeUndefined();
    expect(wordsOf('sorcery.air')).toBeUndefined();
  });
});
