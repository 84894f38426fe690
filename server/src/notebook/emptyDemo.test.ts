import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/testServer';
import { emptyDemo } from './demoRepository';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

/** What a database begins with, or that says how far it has come. */
const STAYS = ['migrations', 'learnt'];

describe('a demo that is thrown away', () => {
  it('leaves no table with a row, so that the next one finds nothing of its name', async () => {
    const lead = await server.as('lead');
    const months = Array.from({ length: 12 }, () => ({ mmPerD: 1, rain_mmPerD: 2 }));
    const place = { id: uuidv7(), name: 'North door', windy: false, on: 'ground' as const, months };
    const answer = await lead.post('/places', place);
    const kept = await lead.get<{ name: string }[]>('/places');
    expect([answer.status, kept.body.map(({ name }) => name)]).toEqual([201, ['North door']]);
    await server.db.query('update notebook set demo = true');
    await emptyDemo(server.db);
    const tables = await server.db.query<{ name: string }[]>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    );
    const left: string[] = [];
    for (const { name } of tables) {
      const [row] = await server.db.query<{ n: number }[]>(`select count(*)::int as n from "${name}"`);
      if ((row?.n ?? 0) > 0 && !STAYS.includes(name)) left.push(name);
    }
    expect(left).toEqual([]);
  });
});
