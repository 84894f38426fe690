import { waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { inOneTab } from './oneTab';

/** What a tab does while it is its turn. */
function tab(name: string): { readonly stop: () => void; readonly leads: () => boolean } {
  let leading = false;
  const stop = inOneTab(name, () => {
    leading = true;
    return () => {
      leading = false;
    };
  });
  return { stop, leads: () => leading };
}

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
  localStorage.clear();
});

describe('without locks, as on a page that is not served securely', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('navigator', {});
  });
  const later = (ms: number) => vi.advanceTimersByTimeAsync(ms);

  it('one tab at a time leads, and the next one when it stops', async () => {
    const [one, two] = [tab('a'), tab('a')];
    await later(500);
    expect([one.leads(), two.leads()].filter(Boolean)).toHaveLength(1);
    const [leader, other] = one.leads() ? [one, two] : [two, one];
    await later(20_000);
    expect([leader.leads(), other.leads()]).toEqual([true, false]);
    leader.stop();
    await later(1500);
    expect([leader.leads(), other.leads()]).toEqual([false, true]);
    other.stop();
  });

  it('a tab that vanished loses its turn after a while', async () => {
    localStorage.setItem('a', JSON.stringify({ tab: 'gone', until: Date.now() + 4000 }));
    const one = tab('a');
    await later(2000);
    expect(one.leads()).toBe(false);
    await later(4000);
    expect(one.leads()).toBe(true);
    one.stop();
  });

  it('two names do not wait for each other, and words of somebody else count as none', async () => {
    localStorage.setItem('b', '{"cut');
    const [one, two] = [tab('a'), tab('b')];
    await later(500);
    expect([one.leads(), two.leads()]).toEqual([true, true]);
    one.stop();
    two.stop();
  });
});

describe('with locks', () => {
  it('leads while it has the lock, and gives it back', async () => {
    let released = false;
    vi.stubGlobal('navigator', {
      locks: {
        request: (_: string, _options: object, work: () => Promise<void>) =>
          work().then(() => {
            released = true;
          }),
      },
    });
    const one = tab('a');
    expect(one.leads()).toBe(true);
    one.stop();
    await waitFor(() => {
      expect(released).toBe(true);
    });
    expect(one.leads()).toBe(false);
  });

  it('stops waiting when it is told to', async () => {
    let given: AbortSignal | undefined;
    vi.stubGlobal('navigator', {
      locks: {
        request: (_: string, { signal }: { readonly signal: AbortSignal }) => {
          given = signal;
          return new Promise((_resolve, reject) => {
            signal.addEventListener('abort', () => {
              reject(new DOMException('given up', 'AbortError'));
            });
          });
        },
      },
    });
    const one = tab('a');
    one.stop();
    await Promise.resolve();
    expect(given?.aborted).toBe(true);
    expect(one.leads()).toBe(false);
  });
});
