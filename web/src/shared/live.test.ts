import { waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi, type MockInstance } from 'vitest';
import { startLive } from './live';
import { useLive } from './liveStore';
import { queryClient } from './resources/client';
import { keepServerClock, serverNow, setServerNow } from './serverClock';

/** An event stream that the test speaks on. */
class FakeSource extends EventTarget {
  static readonly OPEN = 1;
  static last: FakeSource;
  readonly readyState = FakeSource.OPEN;
  closed = false;
  constructor(readonly address: string) {
    super();
    FakeSource.last = this;
  }
  close(): void {
    this.closed = true;
  }
  says(type: string, data?: string): void {
    this.dispatchEvent(data === undefined ? new Event(type) : new MessageEvent(type, { data }));
  }
}

afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

describe('what others change', () => {
  let again: MockInstance<typeof queryClient.invalidateQueries>;
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('EventSource', FakeSource);
    // One tab alone has every lock.
    vi.stubGlobal('navigator', {
      locks: { request: (_: string, _options: object, work: () => Promise<void>): Promise<void> => work() },
    });
    again = vi.spyOn(queryClient, 'invalidateQueries').mockResolvedValue();
  });
  afterEach(() => {
    vi.useRealTimers();
  });
  const asked = (key: readonly string[]) =>
    again.mock.calls.filter(([filters]) => JSON.stringify(filters?.queryKey) === JSON.stringify(key)).length;

  it('is asked for again: one run, or all', () => {
    const stop = startLive('me');
    FakeSource.last.says('run', 'r1');
    expect(asked(['runs', 'r1'])).toBe(1);
    FakeSource.last.says('run', 'all');
    expect(asked(['runs'])).toBe(1);
    stop();
    expect(FakeSource.last.closed).toBe(true);
  });

  it('twenty readings do not make a page count, nor ask for today', async () => {
    const stop = startLive('me');
    for (let i = 0; i < 20; i += 1) FakeSource.last.says('run', 'r1');
    await vi.advanceTimersByTimeAsync(10_000);
    expect([asked(['counts']), asked(['today'])]).toEqual([0, 0]);
    stop();
  });

  it('numbers are asked for one reading for all that happened in a moment', async () => {
    const stop = startLive('me');
    for (let i = 0; i < 20; i += 1) FakeSource.last.says('counts');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(asked(['counts'])).toBe(1);
    stop();
  });

  it('is known to come by itself only while the stream is open', () => {
    const stop = startLive('me');
    expect(useLive.getState().connected).toBe(false);
    FakeSource.last.says('open');
    expect(useLive.getState().connected).toBe(true);
    FakeSource.last.says('error');
    expect(useLive.getState().connected).toBe(false);
    FakeSource.last.says('open');
    stop();
    expect(useLive.getState().connected).toBe(false);
  });
});

describe('several tabs of one browser', () => {
  it('share one stream: the others hear what the first one does', async () => {
    vi.stubGlobal('EventSource', FakeSource);
    // Another tab has the lock for as long as this test lasts.
    vi.stubGlobal('navigator', { locks: { request: () => new Promise(() => undefined) } });
    const before = FakeSource.last;
    const again = vi.spyOn(queryClient, 'invalidateQueries').mockResolvedValue();
    const stop = startLive('me');
    expect(FakeSource.last).toBe(before);
    const first = new BroadcastChannel('bent-pail-live-me');
    first.postMessage({ kind: 'connected', connected: true });
    first.postMessage({ kind: 'run', id: 'r7' });
    await waitFor(() => {
      expect(again).toHaveBeenCalledWith({ queryKey: ['runs', 'r7'] });
    });
    expect(useLive.getState().connected).toBe(true);
    first.close();
    stop();
  });
});

describe('the server’s clock', () => {
  afterEach(() => {
    vi.useRealTimers();
    setServerNow(Date.now(), Date.now(), Date.now());
  });

  it('goes by the middle of asking and answer, whatever the tablet believes', () => {
    setServerNow(1_000_000, 400, 600);
    const before = Date.now();
    expect(serverNow() - before).toBeGreaterThanOrEqual(999_500);
    expect(serverNow() - before).toBeLessThan(999_600);
  });

  it('is measured again every minute, on waking and when the network is back, until told to stop', async () => {
    vi.useFakeTimers();
    const asked = vi.fn(() => Promise.resolve(new Response(JSON.stringify({ now: Date.now() + 5000 }))));
    vi.stubGlobal('fetch', asked);
    const stop = keepServerClock();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(asked).toHaveBeenCalledTimes(1);
    expect(serverNow() - Date.now()).toBe(5000);
    window.dispatchEvent(new Event('online'));
    document.dispatchEvent(new Event('visibilitychange'));
    expect(asked).toHaveBeenCalledTimes(3);
    stop();
    window.dispatchEvent(new Event('online'));
    await vi.advanceTimersByTimeAsync(120_000);
    expect(asked).toHaveBeenCalledTimes(3);
  });

  it('stays as it was while the server does not answer', async () => {
    vi.useFakeTimers();
    setServerNow(Date.now() + 7000, Date.now(), Date.now());
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    const stop = keepServerClock();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(serverNow() - Date.now()).toBe(7000);
    stop();
  });
});
