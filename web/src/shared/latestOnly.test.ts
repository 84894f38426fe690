import { expect, it, vi } from 'vitest';
import { latestOnly } from './latestOnly';

it('asks one at a time, and of those that wait the newest only', async () => {
  const waiting: ((answer: string) => void)[] = [];
  const asked: number[] = [];
  const answers: string[] = [];
  const troubles: unknown[] = [];
  const ask = latestOnly(
    (question: number) => {
      asked.push(question);
      return question < 0
        ? Promise.reject(new Error('no'))
        : new Promise<string>((resolve) => {
            waiting.push(resolve);
          });
    },
    (answer) => answers.push(answer),
    (error) => troubles.push(error),
  );
  for (const question of [1, 2, 3]) ask(question);
  expect(asked).toEqual([1]);
  waiting[0]?.('one');
  await vi.waitUntil(() => asked.length === 2);
  expect(asked).toEqual([1, 3]);
  waiting[1]?.('three');
  await vi.waitUntil(() => answers.length === 2);
  ask(-1);
  await vi.waitUntil(() => troubles.length === 1);
  expect(answers).toEqual(['one', 'three']);
});
