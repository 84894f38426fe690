import type { Counts } from '@bent-pail/contract';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactElement, ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useToasts } from '../kit/toasts';
import { queryClient } from '../shared/resources/client';
import { countsQuery } from '../shared/resources/today';
import { useTimerToasts } from './useTimerToasts';

const NOW = Date.parse('2026-11-24T12:00:00Z');
const counts = (at: number): Counts => ({
  lots: 1,
  openRuns: 1,
  blends: 0,
  scorecards: 0,
  sheetsToRate: 0,
  openClasses: 0,
  openTrials: 0,
  nextOver: { runId: 'r7', lot: 'Pumice, PM-4', name: 'soaking', at },
});
const Around = ({ children }: { readonly children: ReactNode }): ReactElement => (
  <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
);
const told = (): readonly string[] => useToasts.getState().toasts.map(({ title }) => title);
const passes = (ms: number): void => {
  act(() => {
    vi.advanceTimersByTime(ms);
  });
};

beforeEach(() => {
  vi.useFakeTimers({ now: NOW });
  vi.stubGlobal('fetch', () => new Promise(() => undefined));
  useToasts.setState({ toasts: [] });
});
afterEach(() => {
  vi.useRealTimers();
  queryClient.clear();
});

const walk = (at: number, pathname: string): void => {
  queryClient.setQueryData(countsQuery.queryKey, counts(at));
  renderHook(
    () => {
      useTimerToasts(pathname);
    },
    { wrapper: Around },
  );
};

it('tells of a timer when it ends, and not before', () => {
  walk(NOW + 5000, '/shelf');
  passes(4900);
  expect(told()).toEqual([]);
  passes(200);
  expect(told()).toEqual(['Soaking is over']);
});

it('tells nothing where its sheet is in view', () => {
  walk(NOW + 5000, '/bench/runs/r7');
  passes(6000);
  expect(told()).toEqual([]);
});

it('tells nothing of what was over before', () => {
  walk(NOW - 1000, '/shelf');
  passes(6000);
  expect(told()).toEqual([]);
});
