import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepPort, simulatedDevice, sourceOf, useDevices } from './deviceStore';
import { serialSource, simulatedSource } from './lineSource';
import { useDevice } from './useDevice';

beforeEach(() => {
  vi.useFakeTimers();
  // Whatever lay on it before has settled: nothing.
  for (const kind of ['scale', 'meter', 'probe'] as const) simulatedDevice(kind).load(0, performance.now());
  vi.advanceTimersByTime(60_000);
});
afterEach(() => {
  vi.useRealTimers();
  for (const kind of ['scale', 'meter', 'probe'] as const) simulatedDevice(kind).breakBy('none');
});

const pass = (ms: number): void => {
  act(() => {
    vi.advanceTimersByTime(ms);
  });
};

/** A cell that waits for a device, and what dropped into it. */
function listening(kind: 'scale' | 'probe' = 'scale') {
  const dropped: number[] = [];
  const { result, unmount } = renderHook(() =>
    useDevice(kind, (value) => {
      dropped.push(value);
    }),
  );
  return { view: () => result.current, dropped, unmount };
}

describe('a device at a cell', () => {
  it('says nothing where none is connected', () => {
    expect(listening().view()).toEqual({ state: 'none' });
  });

  it('drops a load into the cell once, when it stands still', () => {
    useDevices.getState().change('scale', { source: 'simulated' });
    const { view, dropped } = listening();
    pass(1000);
    expect(dropped).toEqual([]);
    simulatedDevice('scale').load(305, performance.now());
    pass(400);
    expect(view().state).toBe('moving');
    pass(8000);
    expect(view()).toMatchObject({ state: 'steady' });
    expect(dropped).toHaveLength(1);
    expect(Math.abs((dropped[0] as number) - 305)).toBeLessThan(0.3);
    simulatedDevice('scale').load(0, performance.now());
    pass(8000);
    simulatedDevice('scale').load(410, performance.now());
    pass(8000);
    expect(dropped.map(Math.round)).toEqual([305, 410]);
  });

  it('drops nothing when it is overloaded, and says so', () => {
    useDevices.getState().change('scale', { source: 'simulated' });
    simulatedDevice('scale').breakBy('overload');
    const { view, dropped } = listening();
    pass(5000);
    expect(view()).toEqual({ state: 'overload' });
    expect(dropped).toEqual([]);
  });

  it('says that the plug is out when nothing comes', () => {
    useDevices.getState().change('probe', { source: 'simulated' });
    simulatedDevice('probe').breakBy('unplugged');
    const { view } = listening('probe');
    pass(7000);
    expect(view()).toMatchObject({ state: 'gone', why: expect.stringMatching(/plugged in/) as string });
  });

  it('listens to nothing while its pattern is no pattern', () => {
    useDevices.getState().change('scale', { source: 'simulated', pattern: '(' });
    const { view, dropped } = listening();
    pass(5000);
    expect(view()).toEqual({ state: 'none' });
    expect(dropped).toEqual([]);
  });
});

describe('where the bytes come from', () => {
  it('a simulated device stops when it is told to', () => {
    const source = simulatedSource(simulatedDevice('scale'));
    const took = vi.fn();
    source.start(took, vi.fn());
    vi.advanceTimersByTime(1000);
    const before = took.mock.calls.length;
    expect(before).toBeGreaterThan(2);
    source.stop();
    vi.advanceTimersByTime(1000);
    expect(took).toHaveBeenCalledTimes(before);
  });

  it('there are none where no port was chosen', () => {
    const setting = { source: 'serial' as const, pattern: '', marksStable: false, baudRate: 9600 };
    expect(sourceOf('meter', setting)).toBeUndefined();
    keepPort('meter', { readable: null, open: () => Promise.resolve(), close: () => Promise.resolve() });
    expect(sourceOf('meter', setting)).toBeDefined();
  });
});

describe('a serial cable', () => {
  const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
  const stream = (parts: readonly string[]): ReadableStream<Uint8Array> =>
    new ReadableStream({
      start(controller) {
        for (const part of parts) controller.enqueue(bytes(part));
        controller.close();
      },
    });

  it('passes its bytes on at its speed, says when it falls silent, and closes', async () => {
    vi.useRealTimers();
    const open = vi.fn(() => Promise.resolve());
    const close = vi.fn(() => Promise.resolve());
    const took: string[] = [];
    const why = await new Promise<string>((gone) => {
      serialSource({ readable: stream(['ST,+30', '5.2 g\r\n']), open, close }, 4800).start((part) => {
        took.push(new TextDecoder().decode(part));
      }, gone);
    });
    expect(took.join('')).toBe('ST,+305.2 g\r\n');
    expect(why).toBe('The cable is silent.');
    expect(open).toHaveBeenCalledWith({ baudRate: 4800 });
    await waitFor(() => {
      expect(close).toHaveBeenCalled();
    });
  });

  it('says why a port cannot be opened', async () => {
    vi.useRealTimers();
    const open = (): Promise<void> => Promise.reject(new Error('The port is already open.'));
    const close = (): Promise<void> => Promise.reject(new Error('it was never open'));
    const why = await new Promise<string>((gone) => {
      serialSource({ readable: null, open, close }, 9600).start(vi.fn(), gone);
    });
    expect(why).toBe('The port is already open.');
  });
});
