import { readStep, type DeviceKind } from '@bent-pail/core';
import { act, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { simulatedDevice, useDevices } from '../shared/devices/deviceStore';
import { FromDevice } from './FromDevice';

beforeEach(() => {
  vi.useFakeTimers();
  for (const kind of ['scale', 'meter', 'probe'] as const) simulatedDevice(kind).load(0, performance.now());
  vi.advanceTimersByTime(60_000);
});
afterEach(() => {
  vi.useRealTimers();
});

const pass = (ms: number): void => {
  act(() => {
    vi.advanceTimersByTime(ms);
  });
};

function cell(kind: 'weigh' | 'pH' | 'ec' | 'volume') {
  const taken: number[] = [];
  const words = { key: 'x', label: 'x', say: 'x', why: 'x', picture: 'jug' } as const;
  render(<FromDevice step={readStep(kind, words)} onValue={(value) => taken.push(value)} />);
  return taken;
}

it.each<['weigh' | 'pH' | 'ec', DeviceKind, number, number]>([
  ['weigh', 'scale', 212.4, 0.3],
  ['pH', 'meter', 5.6, 0.05],
  ['ec', 'meter', 1.2, 0.05],
])('a group’s cell of %s takes what a %s shows once it stands still', (step, kind, load, within) => {
  useDevices.getState().change(kind, { source: 'simulated' });
  simulatedDevice('meter').measure(step === 'ec' ? 'dS/m' : 'pH');
  simulatedDevice(kind).load(load, performance.now());
  const taken = cell(step);
  pass(400);
  expect(taken).toEqual([]);
  pass(90_000);
  expect(taken).toHaveLength(1);
  expect(Math.abs((taken[0] ?? 0) - load)).toBeLessThan(within);
});

it('a cell that asks for another unit than the meter shows says to switch it over', () => {
  useDevices.getState().change('meter', { source: 'simulated' });
  simulatedDevice('meter').measure('pH');
  simulatedDevice('meter').load(5.6, performance.now());
  const taken = cell('ec');
  pass(90_000);
  expect(taken).toEqual([]);
  expect(screen.getByText(/switch it over/)).toBeTruthy();
});

it('where nothing is connected, and for what no device reads, there is nothing to see', () => {
  cell('weigh');
  cell('volume');
  expect(document.body.textContent).toBe('');
});
