import type { ClassPage, GroupPage } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { TABLES } from '../together';
import { putOnShelf, type Pumice } from '../testing/bench';
import { beginClass, guess, joinGroup, measureJug } from '../testing/classes';
import { liveRoutes } from '../testing/liveRoutes';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let teacher: Client;
let shelf: Pumice;
let page: ClassPage;
let mine: Client;
let other: Client;

beforeAll(async () => {
  server = await startTestServer();
  teacher = await server.as('tester');
  shelf = await putOnShelf(teacher);
  page = await beginClass(teacher, shelf, { minutes: 600 });
  mine = await joinGroup(server, page.code, 1);
  other = await joinGroup(server, page.code, 2);
  const sampleId = page.samples[0]?.id ?? '';
  // Numbers that nothing else in the notebook has.
  for (const figure of ['air', 'held']) await guess(other, sampleId, figure, 33.123);
  await measureJug(server, other, sampleId, [[611.77, 322.55]]);
});
afterAll(() => server.close());

const OPEN_TO_ALL = new Set(['public', 'group']);

describe('a group’s link', () => {
  it('opens its own sheet and nothing else, whatever address is tried with whatever id', async () => {
    const ids = [page.id, page.groups[1]?.id, page.samples[0]?.id, shelf.lotId, uuidv7()] as readonly string[];
    const findings: string[] = [];
    let asked = 0;
    for (const { method, address, access } of liveRoutes(server.app)) {
      if (access !== undefined && OPEN_TO_ALL.has(access.kind)) continue;
      for (const id of address.includes(':') ? ids : [''])
        for (const name of address.includes(':name') ? TABLES.map((table) => `${table.name}.csv`) : ['']) {
          const filled = address.replace(':name', name).replaceAll(/:\w+/g, id);
          const { status } = await mine.send(method, filled, method === 'GET' ? undefined : {});
          asked += 1;
          if (status !== 401) findings.push(`${method} ${filled}: ${String(status)}`);
        }
    }
    expect(asked).toBeGreaterThan(300);
    expect(findings).toEqual([]);
  });

  it('tells nothing of other groups, of what is behind a code, of the notebook or its people', async () => {
    const secrets = ['611.77', '322.55', '33.123', shelf.lotId, shelf.materialId, 'Pumice', 'PM-3', page.id, page.name];
    const others = page.groups.slice(1).map(({ id }) => id);
    const findings: string[] = [];
    for (const { method, address, access } of liveRoutes(server.app)) {
      if (method !== 'GET' || access === undefined || !OPEN_TO_ALL.has(access.kind)) continue;
      const { body } = await mine.get(address);
      const text = typeof body === 'string' ? body : JSON.stringify(body ?? '');
      for (const secret of [...secrets, ...others]) if (text.includes(secret)) findings.push(`${address}: ${secret}`);
    }
    expect(findings).toEqual([]);
    // The walk would find them: the group that measured sees its own.
    expect(JSON.stringify((await other.get('/group')).body)).toContain('611.77');
  });

  it('keeps nothing in another group’s sheet, in another class, or on a sample of another class', async () => {
    const foreign = await beginClass(teacher, shelf);
    const answer = await guess(mine, foreign.samples[0]?.id ?? '', 'air', 20);
    expect(answer.status).toBe(404);
    const own = (await mine.get<GroupPage>('/group')).body;
    expect(own.guesses).toEqual([]);
    expect(own.readings).toEqual([]);
  });

  it('is no key to another class: its cookie is worth nothing once the class is over', async () => {
    await teacher.post(`/classes/${page.id}/end`);
    for (const address of ['/group', '/group/live']) expect((await mine.get(address)).status).toBe(401);
    expect((await mine.post('/group/readings', {})).body).toMatchObject({ error: { code: 'class-over' } });
  });
});

describe('guessing codes', () => {
  it('is slowed down after many that open nothing, and a code that opens goes on', async () => {
    const open = await beginClass(teacher, shelf);
    const stranger = server.anonymous();
    const tries = Array.from({ length: 70 }, (_, i) => `AAA${String(300 + i)}`);
    const statuses: number[] = [];
    for (const code of tries) statuses.push((await stranger.post('/join', { code })).status);
    expect(statuses.slice(0, 50).every((status) => status === 404)).toBe(true);
    expect(statuses.at(-1)).toBe(429);
    expect(open.code).toBeDefined();
  });
});
