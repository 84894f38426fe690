import { PROTOCOLS, type Protocol } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { editsOf, typedCopy, type TypedStep } from './copyEdits';
import { minutesInWords } from './minutesInWords';

const called = (key: string): Protocol => PROTOCOLS.find((one) => one.key === key) as Protocol;
const main = called('saturate-drain-dry');
const start = typedCopy(main, 'Quick drain');
const step = (key: string, change: Partial<TypedStep>) => ({
  ...start.steps,
  [key]: { ...(start.steps[key] as TypedStep), ...change },
});

describe('a copy as it is typed', () => {
  it('says only what was changed', () => {
    expect(editsOf(main, start)).toEqual({ label: 'Quick drain', replicates: 3 });
    expect(editsOf(main, { ...start, drain_min: '45', steps: step('tare', { hi: '400' }) })).toEqual({
      label: 'Quick drain',
      replicates: 3,
      drain_min: 45,
      steps: [{ key: 'tare', bounds: [0, 400] }],
    });
  });

  it('names the field that is no number', () => {
    expect(() => editsOf(main, { ...start, drain_min: 'an hour' })).toThrow(
      expect.objectContaining({ field: 'drain_min' }) as Error,
    );
    expect(() => editsOf(main, { ...start, steps: step('tare', { hi: '1,500' }) })).toThrow(
      expect.objectContaining({
        field: 'steps.tare.hi',
        message: expect.stringMatching(/^Is 1,500/) as string,
      }) as Error,
    );
  });

  it('takes the times that a step itself waits', () => {
    const weeds = called('weeds');
    const typed = typedCopy(weeds, 'Longer');
    expect(typed.steps.start?.minutes).toBe('30240');
    const longer = { ...typed.steps, start: { ...(typed.steps.start as TypedStep), minutes: '40320' } };
    expect(editsOf(weeds, { ...typed, steps: longer }).steps).toEqual([{ key: 'start', minutes: 40320 }]);
  });
});

describe('a waiting time', () => {
  it.each([
    [45, '45 min'],
    [60, '60 min'],
    [120, '2 h'],
    [464, '7 h 44 min'],
    [1440, '24 h'],
    [30240, '21 d'],
  ])('%d is %s', (minutes, words) => {
    expect(minutesInWords(minutes)).toBe(words);
  });
});
