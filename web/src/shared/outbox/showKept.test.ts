import { waitFor } from '@testing-library/react';
import type { KeptReading, RunSheet } from '@bent-pail/contract';
import { QueryObserver } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { queryClient } from '../resources/client';
import { runQuery } from '../resources/runs';
import { showKept } from './showKept';

const KEPT = { id: 'a', replicate: 0, step: 'tare', value: 1 } as unknown as KeptReading;
const asked: ((readings: readonly KeptReading[]) => void)[] = [];
let stop = (): void => undefined;

beforeEach(() => {
  asked.length = 0;
  queryClient.clear();
  vi.stubGlobal(
    'fetch',
    () =>
      new Promise<Response>((resolve) => {
        asked.push((readings) => {
          resolve(new Response(JSON.stringify({ readings })));
        });
      }),
  );
  stop = new QueryObserver<RunSheet, Error, RunSheet, RunSheet, string[]>(queryClient, runQuery('run')).subscribe(
    () => undefined,
  );
});
afterEach(() => {
  stop();
  vi.unstubAllGlobals();
});

const shown = (): readonly string[] | undefined =>
  queryClient.getQueryData<RunSheet>(runQuery('run').queryKey)?.readings.map(({ id }) => id);
const askedTimes = (times: number) =>
  waitFor(() => {
    expect(asked).toHaveLength(times);
  });

it('a reading that was kept while its sheet was on its way for the first time is not lost from it', async () => {
  await askedTimes(1);
  showKept('run', KEPT);
  // This answer was read before the reading was kept.
  asked[0]?.([]);
  await askedTimes(2);
  asked[1]?.([KEPT]);
  await waitFor(() => {
    expect(shown()).toEqual(['a']);
  });
});

it('nor where the sheet was being asked for again', async () => {
  await askedTimes(1);
  asked[0]?.([]);
  await waitFor(() => {
    expect(shown()).toEqual([]);
  });
  void queryClient.refetchQueries({ queryKey: runQuery('run').queryKey });
  await askedTimes(2);
  showKept('run', KEPT);
  expect(shown()).toEqual(['a']);
  asked[1]?.([]);
  await askedTimes(3);
  expect(shown()).toEqual(['a']);
  asked[2]?.([KEPT]);
});
