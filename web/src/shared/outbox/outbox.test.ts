import { waitFor } from '@testing-library/react';
import type { NewReading, RunSheet } from '@bent-pail/contract';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { queryClient } from '../resources/client';
import { filledPotQuery } from '../resources/filledPots';
import { runQuery } from '../resources/runs';
import { startOutbox } from './sender';
import { isReading, outboxOf, sendAgain } from './store';

const reading = (id: string): NewReading => ({ id, step: 'tare', replicate: 0, value: 312.4 }) as unknown as NewReading;

/** One person each test, so that no queue is met twice. */
let people = 0;
let who = '';
let stop: (() => void) | undefined;
let sent: string[] = [];

/** A server that answers each sending by what stands next in `answers`; a number is a status, 'away' no answer. */
function serverOf(answers: readonly (number | 'away')[]): void {
  let at = 0;
  vi.stubGlobal('fetch', (_: string, { body }: { readonly body: string }) => {
    const answer = answers[Math.min(at, answers.length - 1)];
    at += 1;
    const { id } = JSON.parse(body) as NewReading;
    sent.push(id);
    if (answer === 'away') return Promise.reject(new TypeError('Failed to fetch'));
    const kept = { ...(JSON.parse(body) as NewReading), keptAt: 'now' };
    const problem = { error: { code: 'bounds', message: 'That is more than the scale can weigh.' } };
    return Promise.resolve(new Response(JSON.stringify(answer === 201 ? kept : problem), { status: answer ?? 201 }));
  });
}

beforeEach(() => {
  people += 1;
  who = `tester-${String(people)}`;
  sent = [];
  // One tab alone has every lock.
  vi.stubGlobal('navigator', {
    locks: { request: (_: string, _options: object, work: () => Promise<void>): Promise<void> => work() },
  });
});
afterEach(() => {
  stop?.();
  queryClient.clear();
  vi.unstubAllGlobals();
});

const type = (id: string, runId = 'run') => outboxOf(who).entries.add({ runId, reading: reading(id) });
const waiting = () => outboxOf(who).entries.orderBy('place').toArray();
const isEmpty = async (): Promise<void> => {
  await waitFor(async () => {
    expect(await waiting()).toEqual([]);
  });
};

it('sends what was typed while nothing listened, in the order of typing', async () => {
  serverOf([201]);
  for (const id of ['a', 'b', 'c']) await type(id);
  stop = startOutbox(who);
  await isEmpty();
  expect(sent).toEqual(['a', 'b', 'c']);
});

it('wakes for the next reading', async () => {
  serverOf([201]);
  stop = startOutbox(who);
  await type('a');
  await isEmpty();
  await type('b');
  await isEmpty();
  expect(sent).toEqual(['a', 'b']);
});

it('sends the same reading again until somebody answers, and never passes it', async () => {
  serverOf(['away', 503, 201]);
  await type('a');
  await type('b');
  stop = startOutbox(who);
  await waitFor(isEmpty);
  expect(sent).toEqual(['a', 'a', 'a', 'b']);
});

it('leaves a refused reading in sight with the sentence, and goes on with the others', async () => {
  serverOf([422, 201]);
  await type('a');
  await type('b');
  stop = startOutbox(who);
  await waitFor(async () => {
    expect(await waiting()).toMatchObject([
      { reading: { id: 'a' }, problem: 'That is more than the scale can weigh.' },
    ]);
  });
  expect(sent).toEqual(['a', 'b']);
});

it('puts a kept reading on the open sheet, once', async () => {
  serverOf([201]);
  const { queryKey } = runQuery('run');
  queryClient.setQueryData<RunSheet>(queryKey, { readings: [] } as unknown as RunSheet);
  await type('a');
  stop = startOutbox(who);
  await isEmpty();
  const onSheet = () => queryClient.getQueryData<RunSheet>(queryKey)?.readings.map(({ id }) => id);
  expect(onSheet()).toEqual(['a']);
  await type('a');
  await isEmpty();
  expect(onSheet()).toEqual(['a']);
});

it('stops when it is told to, and loses nothing', async () => {
  serverOf(['away']);
  await type('a');
  const end = startOutbox(who);
  await waitFor(() => {
    expect(sent.length).toBeGreaterThan(0);
  });
  end();
  expect(await waiting()).toMatchObject([{ reading: { id: 'a' } }]);
});

it('sends by itself, once somebody is signed in again, what waited only for that; not what was refused', async () => {
  serverOf([401, 422]);
  await type('a');
  await type('b');
  startOutbox(who)();
  stop = startOutbox(who);
  await waitFor(async () => {
    expect(await waiting()).toMatchObject(
      [{ signedOut: true }, { problem: /scale/ }].map(() => ({ problem: expect.any(String) })),
    );
  });
  stop();
  serverOf([201]);
  sent = [];
  stop = startOutbox(who);
  await waitFor(async () => {
    expect((await waiting()).filter(isReading).map((entry) => entry.reading.id)).toEqual(['b']);
  });
  expect(sent).toEqual(['a']);
});

it('wakes for a reading that is told to be sent again', async () => {
  serverOf([422, 201]);
  await type('a');
  stop = startOutbox(who);
  await waitFor(async () => {
    expect((await waiting())[0]?.problem).toBeDefined();
  });
  await outboxOf(who).entries.toCollection().modify(sendAgain);
  await isEmpty();
});

it('keeps the queues of two people apart', async () => {
  serverOf([201]);
  await outboxOf('somebody-else').entries.add({ runId: 'run', reading: reading('x') });
  await type('a');
  stop = startOutbox(who);
  await isEmpty();
  expect(sent).toEqual(['a']);
  expect(await outboxOf('somebody-else').entries.count()).toBe(1);
});

it('sends a line of a pot’s diary to that pot, in its turn, and shows the page as it came', async () => {
  const asked: string[] = [];
  vi.stubGlobal('fetch', (address: string) => {
    asked.push(address.replace(/^.*\/api/, ''));
    return Promise.resolve(new Response(JSON.stringify({ id: 'pot', diary: [{ id: 'l' }] }), { status: 201 }));
  });
  await type('a');
  await outboxOf(who).entries.add({ potId: 'pot', line: { id: 'l', at: 'now', kind: 'watered' } });
  expect((await waiting()).filter((entry) => !isReading(entry))).toMatchObject([{ potId: 'pot' }]);
  stop = startOutbox(who);
  await isEmpty();
  expect(asked).toEqual(['/runs/run/readings', '/pots/pot/diary']);
  expect(queryClient.getQueryData(filledPotQuery('pot').queryKey)).toMatchObject({ diary: [{ id: 'l' }] });
});
