import { act, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { openPage } from '../../testing/page';
import { Stopwatch } from './Stopwatch';
import { useWatches } from './watches';

beforeEach(() => {
  useWatches.setState({ startedAt: {} });
  vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] });
});
afterEach(() => {
  vi.useRealTimers();
});

const forward = (ms: number): void => {
  act(() => {
    vi.advanceTimersByTime(ms);
  });
};
const press = (name: string): void => {
  fireEvent.click(screen.getByRole('button', { name }));
};

it('counts all times from one pouring', () => {
  const times: number[] = [];
  const watch = (of: string) => (
    <Stopwatch
      of={of}
      onTime={(seconds) => {
        times.push(seconds);
      }}
    />
  );
  openPage(watch('one:0'));
  press('Start the watch');
  forward(12_340);
  expect(screen.getByRole('timer').textContent).toContain('12.2');
  press('Now');
  forward(60_000);
  press('Now');
  expect(times).toEqual([12.3, 72.3]);
  press('start anew');
  forward(5000);
  press('Now');
  expect(times.at(-1)).toBe(5);
});

it('of another pouring is another watch', () => {
  useWatches.setState({ startedAt: { 'one:0': Date.now() } });
  openPage(<Stopwatch of="one:1" onTime={() => undefined} />);
  expect(screen.getByRole('button', { name: 'Start the watch' })).toBeTruthy();
});
