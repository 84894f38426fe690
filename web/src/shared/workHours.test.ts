import { expect, it } from 'vitest';
import { workedAfter, workedBefore } from './workHours';

const hours = { from_h: 7, to_h: 17.5 };
const at = (text: string): number => Date.parse(text);

it.each([
  ['2026-11-26T03:00:00Z', '2026-11-25T17:30:00.000Z', '2026-11-26T07:00:00.000Z'],
  ['2026-11-26T20:15:00Z', '2026-11-26T17:30:00.000Z', '2026-11-27T07:00:00.000Z'],
  ['2026-11-26T09:00:00Z', '2026-11-26T09:00:00.000Z', '2026-11-26T09:00:00.000Z'],
  ['2026-11-26T17:30:00Z', '2026-11-26T17:30:00.000Z', '2026-11-26T17:30:00.000Z'],
])('%s is begun by %s, else at %s', (time, before, after) => {
  expect(new Date(workedBefore(at(time), hours, 'UTC')).toISOString()).toBe(before);
  expect(new Date(workedAfter(at(time), hours, 'UTC')).toISOString()).toBe(after);
});

it('goes by the clock of the place', () => {
  // Seven in the morning in Auckland is six in the evening before in Greenwich.
  expect(workedAfter(at('2026-11-25T18:00:00Z'), hours, 'Pacific/Auckland')).toBe(at('2026-11-25T18:00:00Z'));
  expect(new Date(workedAfter(at('2026-11-25T12:00:00Z'), hours, 'Pacific/Auckland')).toISOString()).toBe(
    '2026-11-25T18:00:00.000Z',
  );
});
