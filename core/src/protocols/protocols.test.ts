import { describe, expect, it } from 'vitest';
import { inSentence, PROTOCOLS } from '.';

describe.each(PROTOCOLS.map((protocol) => [protocol.key, protocol] as const))('protocol %s', (_, protocol) => {
  it('has steps with keys of their own, bounds in order and words', () => {
    const keys = protocol.steps.map((step) => step.key);
    expect(new Set(keys).size).toBe(keys.length);
    for (const step of protocol.steps) {
      expect(step.bounds[0]).toBeLessThan(step.bounds[1]);
      expect(step.say.length).toBeGreaterThan(10);
      expect(step.why.length).toBeGreaterThan(10);
    }
  });

  it('times only where time is kept', () => {
    for (const step of protocol.steps) expect(step.kind === 'time').toBe(step.hold !== undefined);
  });
});

describe('a label in a sentence', () => {
  it.each([
    ['Dried at 103–105 °C', 'dried at 103–105 °C'],
    ['pH of the extract', 'pH of the extract'],
    ['EC of the rinse', 'EC of the rinse'],
  ])('%s', (label, inside) => {
    expect(inSentence(label)).toBe(inside);
  });
});
