import { expect, it } from 'vitest';
import { Unreachable } from './api';
import { once } from './once';

const ids: string[][] = [];
/** Sends two ids; `away` is nobody's answer, `refused` the server's. */
const send = (said: unknown, how: 'kept' | 'away' | 'refused' = 'kept'): Promise<string> =>
  once(said, (id) => {
    ids.push([id(), id()]);
    if (how === 'kept') return Promise.resolve('kept');
    return Promise.reject(how === 'away' ? new Unreachable() : new Error('Type a name.'));
  });
const sent = async (calls: readonly (readonly [unknown, 'kept' | 'away' | 'refused'])[]): Promise<string[][]> => {
  ids.length = 0;
  for (const [said, how] of calls) await send(said, how).catch(() => undefined);
  return ids;
};

it('sends the same thing again under the same ids while nobody answers, and then never again', async () => {
  const bark = { lot: 'bark', litres: 20 };
  const [first, again, kept, another] = await sent([
    [bark, 'away'],
    [bark, 'away'],
    [{ ...bark }, 'kept'],
    [bark, 'kept'],
  ]);
  expect(new Set(first).size).toBe(2);
  expect(again).toEqual(first);
  expect(kept).toEqual(first);
  expect(another).not.toEqual(first);
});

it('sends something else under other ids', async () => {
  const [bark, coir] = await sent([
    ['bark', 'away'],
    ['coir', 'away'],
  ]);
  expect(coir).not.toEqual(bark);
});

it('begins anew after a refusal', async () => {
  const [refused, mended] = await sent([
    ['loam', 'refused'],
    ['loam', 'kept'],
  ]);
  expect(mended).not.toEqual(refused);
});

it('hands the answer or the trouble on', async () => {
  await expect(send('peat')).resolves.toBe('kept');
  await expect(send('peat', 'refused')).rejects.toThrow('Type a name.');
});
