import { describe, expect, it } from 'vitest';
import { Gate } from './gate';

describe('a gate', () => {
  it('lets so many through at once, the others in the order in which they came', async () => {
    const gate = new Gate({ atOnce: 2, waiting: 10 });
    let inside = 0;
    let most = 0;
    const done: number[] = [];
    const pass = (n: number) =>
      gate.through(async () => {
        inside += 1;
        most = Math.max(most, inside);
        await new Promise((resolve) => setTimeout(resolve, 5));
        inside -= 1;
        done.push(n);
      });
    await Promise.all([0, 1, 2, 3, 4, 5].map(pass));
    expect(most).toBe(2);
    expect(done).toEqual([0, 1, 2, 3, 4, 5]);
  });

  it('sends away who comes when the line is full, and goes on after a failure', async () => {
    const gate = new Gate({ atOnce: 1, waiting: 1 });
    let open: () => void = () => undefined;
    const first = gate.through(() => new Promise<void>((resolve) => (open = resolve)));
    const second = gate.through(() => Promise.reject(new Error('broke')));
    await expect(gate.through(() => Promise.resolve())).rejects.toMatchObject({ status: 503 });
    open();
    await first;
    await expect(second).rejects.toThrow('broke');
    expect(await gate.through(() => Promise.resolve(7))).toBe(7);
  });
});
