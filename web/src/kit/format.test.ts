import { afterEach, describe, expect, it } from 'vitest';
import { age, clockTime, counted, day, dueTime, duration, figure, fixed, overTime, weekday } from './format';

describe('a shown number', () => {
  it.each([
    [1541.6, 1, '1\u2009541.6'],
    [-0.04, 1, '0.0'],
    [-3.2, 1, '−3.2'],
    [0.325, 2, '0.33'],
  ])('%s to %s decimals is %s', (value, digits, shown) => {
    expect(fixed(value, digits)).toBe(shown);
  });

  it('has no more digits than its spread deserves', () => {
    expect(figure(0.36123, 3, 0.0061)).toEqual({ value: '0.361', spread: '0.006' });
    expect(figure(0.36123, 3, 0.0141)).toEqual({ value: '0.361', spread: '0.014' });
    expect(figure(38.2, 1, 4.3)).toEqual({ value: '38', spread: '4' });
    expect(figure(0.36123, 2)).toEqual({ value: '0.36' });
  });
});

describe('what is due', () => {
  const now = Date.parse('2026-11-28T12:00:00Z');
  const hours = (n: number): number => now + n * 3600000;

  it('stands by the clock while it is near, and by the day where it is not', () => {
    expect(dueTime(hours(2), now, 'UTC')).toBe('14:00');
    expect(dueTime(hours(16), now, 'UTC')).toBe('tomorrow 04:00');
    expect(dueTime(hours(30), now, 'UTC')).toBe('tomorrow 18:00');
    expect(dueTime(hours(40), now, 'UTC')).toBe('30 Nov');
    expect(overTime(hours(-0.5), now, 'UTC')).toBe('30:00 over');
    expect(overTime(hours(-33), now, 'UTC')).toBe('since 27 Nov');
  });
});

describe('time', () => {
  it.each([
    [42000, '0:42'],
    [760000, '12:40'],
    [4 * 3600000 + 8 * 60000, '4 h 08'],
    [-61000, '1:01'],
  ])('%s ms stands on the clock as %s', (ms, shown) => {
    expect(duration(ms)).toBe(shown);
  });

  it('ages in days, weeks, months', () => {
    const now = Date.parse('2026-11-24T12:00:00Z');
    expect(age('2026-11-24T08:00:00Z', now)).toBe('today');
    expect(age('2026-11-12T08:00:00Z', now)).toBe('12 d');
    expect(age('2026-10-20T08:00:00Z', now)).toBe('5 wk');
    expect(age('2026-06-20T08:00:00Z', now)).toBe('5 mo');
  });
});

it.each([
  [0, '0 runs'],
  [1, '1 run'],
  [1200, '1\u2009200 runs'],
])('%s of something is %s', (n, shown) => {
  expect(counted(n, 'run', 'runs')).toBe(shown);
});

it('a day and an hour are those of the notebook’s zone', () => {
  const late = Date.parse('2026-11-24T23:30:00Z');
  expect(weekday(late, 'Europe/London')).toBe('Tuesday 24 November');
  expect(weekday(late, 'Pacific/Auckland')).toBe('Wednesday 25 November');
  expect(clockTime(late, 'Pacific/Auckland')).toBe('12:30');
});

it('a day of another year has its year', () => {
  expect(day('2026-03-04T12:00:00Z', 'UTC')).toBe('4 Mar');
  expect(day('2025-12-31T23:30:00Z', 'UTC')).toBe('31 Dec 2025');
  // It is the year where the notebook is that counts.
  expect(day('2025-12-31T23:30:00Z', 'Pacific/Auckland')).toBe('1 Jan');
});

describe('the browser’s own manner', () => {
  const speaks = (language: string): void => {
    Object.defineProperty(navigator, 'language', { value: language, configurable: true });
  };
  afterEach(() => {
    speaks('en-GB');
  });
  const at = Date.parse('2026-11-24T16:05:00Z');

  it.each([
    ['en-GB', '24 Nov', /^16:05$/],
    ['en-US', 'Nov 24', /^0?4:05\sPM$/i],
    // Words stay English, hours are counted as they are there.
    ['de-DE', '24 Nov', /^16:05$/],
    ['hi-IN', '24 Nov', /^0?4:05\spm$/i],
  ])('%s: %s', (language, said, hour) => {
    speaks(language);
    expect(day(new Date(at).toISOString(), 'UTC')).toBe(said);
    expect(clockTime(at, 'UTC')).toMatch(hour);
  });
});
