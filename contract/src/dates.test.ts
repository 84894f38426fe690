import { describe, expect, it } from 'vitest';
import { isDay, isMoment } from './dates';

describe('a day', () => {
  it.each(['2026-11-24', '2024-02-29', '1900-01-01', '2199-12-31'])('is %s', (text) => {
    expect(isDay(text)).toBe(true);
  });

  it.each([
    '2026-W05',
    '2026-02-30',
    '2025-02-29',
    '2026-13-01',
    '2026-00-10',
    '0000-01-01',
    '9999-01-01',
    '1899-12-31',
  ])('is not %s', (text) => {
    expect(isDay(text)).toBe(false);
  });

  it.each([20261124, null, undefined, '2026-1-4', '2026-11-24T08:00:00Z', ' 2026-11-24'])('is not %j', (value) => {
    expect(isDay(value)).toBe(false);
  });
});

describe('a moment', () => {
  it.each(['2026-11-24T08:00:00Z', '2026-11-24T08:00Z', '2026-11-24T08:00:00.123+01:00', '2026-02-28T23:59:59-05:00'])(
    'is %s',
    (text) => {
      expect(isMoment(text)).toBe(true);
      expect(Number.isFinite(Date.parse(text))).toBe(true);
    },
  );

  it.each([
    '2026-11-24',
    '2026-W48-2T08:00:00Z',
    '2026-02-30T08:00:00Z',
    '2026-11-24T24:00:00Z',
    '2026-11-24T08:00:00',
  ])('is not %s', (text) => {
    expect(isMoment(text)).toBe(false);
  });
});
