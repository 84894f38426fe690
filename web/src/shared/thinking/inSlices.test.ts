import type { Steps } from '@bent-pail/core';
import { expect, it, vi } from 'vitest';
import { inSlices, oneByOne } from './inSlices';

/** Work of a number of steps, each as long as one says. */
function* work(steps: number, step_ms: number): Steps<string> {
  for (let i = 0; i < steps; i += 1) {
    const until = performance.now() + step_ms;
    while (performance.now() < until);
    yield i / steps;
  }
  return 'done';
}

it('hands the thread back while it works, and tells how far it is', async () => {
  const told = vi.fn<(share: number) => void>();
  let others = 0;
  const timer = setInterval(() => {
    others += 1;
  }, 1);
  await expect(inSlices(work(12, 20), told)).resolves.toBe('done');
  clearInterval(timer);
  expect(others).toBeGreaterThanOrEqual(2);
  const shares = told.mock.calls.map(([share]) => share);
  expect(shares.length).toBeGreaterThanOrEqual(4);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
});

it('goes on without a break where steps are short', async () => {
  const told = vi.fn<(share: number) => void>();
  await inSlices(work(3, 0), told);
  expect(told).not.toHaveBeenCalled();
});

it('keeps the order of questions, and what they say when they fail', async () => {
  await expect(oneByOne([3, 1, 2], (one) => 10 * one)).resolves.toEqual([30, 10, 20]);
  await expect(
    oneByOne([1], () => {
      throw new Error('no lot');
    }),
  ).rejects.toThrow('no lot');
});
