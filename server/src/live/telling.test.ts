import { PassThrough } from 'node:stream';
import { setTimeout as pause } from 'node:timers/promises';
import { expect, it } from 'vitest';
import { Telling } from './telling';

/** A page, with what it was told, a text for each time that it was written to. */
function page(): { readonly stream: PassThrough; readonly told: string[] } {
  const stream = new PassThrough();
  const told: string[] = [];
  stream.on('data', (part: Buffer) => told.push(part.toString()));
  return { stream, told };
}

const until = async (is: () => boolean): Promise<void> => {
  while (!is()) await pause(5);
};

it('tells each page of many changes in few words, each once, and of the last one too', async () => {
  const telling = new Telling();
  const pages = Array.from({ length: 120 }, page);
  for (let n = 0; n < 300; n += 1) {
    for (const { stream } of pages) telling.tell(stream, `run ${String(n % 7)}\n`);
    await pause(1);
  }
  for (const { stream } of pages) telling.tell(stream, 'last\n');
  await until(() => pages.every(({ told }) => told.join('').endsWith('last\n')));
  for (const { told } of pages) {
    // 300 changes in 300 ms at least, of 7 runs.
    expect(told.length).toBeLessThan(100);
    for (const words of told) {
      const lines = words.trim().split('\n');
      expect(new Set(lines).size).toBe(lines.length);
    }
    for (let run = 0; run < 7; run += 1) expect(told.join('')).toContain(`run ${String(run)}\n`);
  }
});

it('tells nothing to one that was left, and goes on with the others', async () => {
  const telling = new Telling();
  const [left, stays] = [page(), page()];
  left.stream.on('error', (error) => {
    throw error;
  });
  for (const { stream } of [left, stays]) telling.tell(stream, 'a\n');
  left.stream.end();
  await until(() => stays.told.length > 0);
  expect(left.told).toEqual([]);
});
