import type { KeptReading } from '@bent-pail/contract';
import { renderHook } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import { useToasts } from '../kit/toasts';
import { openSheetOf } from '../testing/fixtures';
import { useOthersReadings } from './useOthersReadings';

const reading = (seq: number, by: string, value = 312.4): KeptReading => ({
  id: `reading ${String(seq)}`,
  seq,
  replicate: 1,
  step: 'tare',
  value,
  by,
  takenAt: '2026-11-24T08:00:00Z',
  keptAt: '2026-11-24T08:00:00Z',
});
const told = (): readonly string[] => useToasts.getState().toasts.map(({ title }) => title);

beforeEach(() => {
  useToasts.setState({ toasts: [] });
});

it('tells of what somebody else reads while the sheet is open; not of one’s own, nor of what stood there', () => {
  const sheet = openSheetOf('saturate-drain-dry', {});
  const first = [reading(1, 'Isla')];
  const { rerender } = renderHook(
    ({ readings }) => {
      useOthersReadings({ ...sheet, readings }, 'Tam');
    },
    { initialProps: { readings: first } },
  );
  expect(told()).toEqual([]);
  rerender({ readings: [...first, reading(2, 'Tam'), reading(3, 'Isla', 290)] });
  expect(told()).toEqual(['Isla read 290 g']);
});
