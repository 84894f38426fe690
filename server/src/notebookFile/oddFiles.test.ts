import { afterAll, beforeAll, expect, it } from 'vitest';
import { emptyNotebook, look, someNotebook, takeIn, type NotebookText } from '../testing/notebookFiles';
import type { Client, TestServer } from '../testing/testServer';

let source: TestServer;
let lead: Client;
let text: NotebookText;
beforeAll(async () => {
  ({ source, lead, text } = await someNotebook());
});
afterAll(() => source.close());

it('a file whose letters are no UTF-8 is refused', async () => {
  const [before, after] = JSON.stringify(text).split('"kinds":') as [string, string];
  const file = Buffer.concat([Buffer.from(before), Buffer.from([0x22, 0xc3, 0x28, 0xff, 0x22]), Buffer.from(after)]);
  const { status, body } = await look(lead, file);
  expect(status).toBe(422);
  expect(JSON.stringify(body)).toMatch(/no notebook of Bent Pail/);
});

it('refuses a row of more brackets than a stack holds, where any stands', async () => {
  const head = JSON.stringify({ format: text.format, version: text.version, level: text.level }).slice(0, -1);
  const row = JSON.stringify(text.kinds.protocols?.[0]).slice(0, -1);
  for (const within of ['body', 'moreover']) {
    const deep = `${row},"${within}":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
    const { status, body } = await look(lead, Buffer.from(`${head},"kinds":{"protocols":[${deep}]}}`));
    expect(status, JSON.stringify(body)).toBe(422);
  }
});

it('takes nothing from a file that nobody can see in it', async () => {
  const { server, lead: theirs } = await emptyNotebook();
  const materials = text.kinds.materials?.map((one, i) => (i === 0 ? { ...one, name: '\u202eBa\u200brk' } : one));
  const seen = await look(theirs, JSON.stringify({ ...text, kinds: { ...text.kinds, materials } }));
  await takeIn(theirs, seen.body);
  const names = await server.db.query<{ name: string }[]>('select name from materials');
  expect(names.map(({ name }) => name)).toContain('Bark');
  await server.close();
});
