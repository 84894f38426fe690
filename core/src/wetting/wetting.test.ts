import { describe, expect, it } from 'vitest';
import { dropTime, hydration, wettingClass } from '.';

describe('drops on a dry surface', () => {
  it('takes the median, of two in the middle their mean', () => {
    expect(dropTime({ drops_s: [90, 3, 4] })).toEqual({ median_s: 4, class: 'wettable' });
    expect(dropTime({ drops_s: [2, 100, 6, 8] })).toEqual({ median_s: 7, class: 'slightly repellent' });
  });

  it.each([
    [4.9, 'wettable'],
    [5, 'slightly repellent'],
    [60, 'strongly repellent'],
    [600, 'severely repellent'],
    [3600, 'severely repellent'],
    [3601, 'extremely repellent'],
  ])('%d s is %s', (time_s, words) => {
    expect(wettingClass(time_s)).toBe(words);
  });

  it('refuses none and a negative one', () => {
    expect(() => dropTime({ drops_s: [] })).toThrow(/drops_s/);
    expect(() => dropTime({ drops_s: [3, -1] })).toThrow(/drops_s\[1\]/);
  });
});

describe('watering a dried medium again and again', () => {
  it('finds the curve that the series was made of', () => {
    const held_mL = [1, 2, 3, 4, 5, 6].map((k) => 600 - 200 * 0.5 ** (k - 1));
    const result = hydration({ held_mL, capacity_mL: 600 });
    expect(result.hMax_mL).toBeCloseTo(600, 4);
    expect(result.r).toBeCloseTo(0.5, 6);
    expect(result.firstPass).toBeCloseTo(400 / 600, 12);
    // 600 - 200 x 0.5^(k-1) is 570 at k = 3.74, so the fourth watering reaches it.
    expect(result.passesTo95).toBe(4);
  });

  it('says so when ten waterings do not do it', () => {
    const held_mL = [100, 150, 175, 187.5, 193.75];
    const result = hydration({ held_mL, capacity_mL: 600 });
    expect(result.passesTo95).toBeUndefined();
    expect(result.checks.map((check) => check.code)).toEqual(['not-in-ten']);
  });

  it.each([
    [{ held_mL: [1, 2], capacity_mL: 5 }, /held_mL/],
    [{ held_mL: [0, 0, 0], capacity_mL: 5 }, /held_mL/],
    [{ held_mL: [1, 2, -3], capacity_mL: 5 }, /held_mL\[2\]/],
    [{ held_mL: [1, 2, 3], capacity_mL: 0 }, /capacity_mL/],
  ])('refuses %j', (input, message) => {
    expect(() => hydration(input)).toThrow(message);
  });
});
