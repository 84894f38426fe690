import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { startLive } from './live';
import { useLive } from './liveStore';
import { queryClient } from './queries';
import { keepServerClock, serverNow, setServerNow } from './serverClock';

/** An event stream that the test speaks on. */
class FakeSource extends EventTarget {
  static last: FakeSource;
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
  beforeEach(() => {
    vi.stubGlobal('EventSource', FakeSource);
  });

  it('is asked for again: one run, or all', () => {
    const again = vi.spyOn(queryClient, 'invalidateQueries').mockResolvedValue();
    const stop = startLive();
    FakeSource.last.says('run', 'r1');
    expect(again).toHaveBeenCalledWith({ queryKey: ['runs', 'r1'] });
    expect(again).toHaveBeenCalledWith({ queryKey: ['today'] });
    FakeSource.last.says('run', 'all');
    expect(again).toHaveBeenCalledWith({ queryKey: ['runs'] });
    stop();
    expect(FakeSource.last.closed).toBe(true);
  });

  it('is known to come by itself only while the stream is open', () => {
    const stop = startLive();
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
