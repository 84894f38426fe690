import { expect, it } from 'vitest';
import { readMoment } from './readMoment';

const NOW = Date.parse('2026-11-24T12:00:00Z');
const iso = (text: string, zone = 'UTC', now = NOW): string | undefined => {
  const moment = readMoment(text, now, zone);
  return moment === undefined ? undefined : new Date(moment).toISOString().slice(0, 16);
};

it.each([
  ['8:15', '2026-11-24T08:15'],
  ['815', '2026-11-24T08:15'],
  ['0815', '2026-11-24T08:15'],
  // Not yet today: it was yesterday.
  ['16:40', '2026-11-23T16:40'],
  ['yesterday 16:40', '2026-11-23T16:40'],
  ['Yesterday  8', '2026-11-23T08:00'],
  ['today 9.30', '2026-11-24T09:30'],
  ['22 Nov 17:05', '2026-11-22T17:05'],
  ['22/11/2026 17:05', '2026-11-22T17:05'],
  // The future is not yet.
  ['today 16:40', undefined],
  ['25 Nov 8:00', undefined],
  ['soon', undefined],
  ['25:10', undefined],
  ['', undefined],
])('%s is %s', (text, means) => {
  expect(iso(text)).toBe(means);
});

it('goes by the clock on the notebook’s wall, and through its changes', () => {
  expect(iso('8:15', 'Pacific/Auckland')).toBe('2026-11-23T19:15');
  expect(iso('23:30', 'America/New_York')).toBe('2026-11-24T04:30');
  // Clocks went back in the night: the evening before is an hour nearer.
  const sunday = Date.parse('2026-10-25T12:00:00Z');
  expect(iso('yesterday 20:00', 'Europe/London', sunday)).toBe('2026-10-24T19:00');
  expect(iso('9:00', 'Europe/London', sunday)).toBe('2026-10-25T09:00');
});
