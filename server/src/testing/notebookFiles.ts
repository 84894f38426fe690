import type { FileReport } from '@bent-pail/contract';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { fileKinds } from '../notebookFile/kinds';
import { fillSheet, openSitting, putOnShelf, reading, startRun } from './bench';
import { startTestServer, type Client, type TestServer } from './testServer';

/** A notebook's file, read whole. */
export interface NotebookText {
  readonly format: string;
  version: number;
  level: string;
  readonly withheld: readonly string[];
  readonly kinds: Record<string, Record<string, unknown>[]>;
}

/** A notebook with some of everything: runs, a correction, photos, a pot, a panel that is not revealed; and its file. */
export async function someNotebook() {
  const source = await startTestServer();
  const lead = await source.as('lead');
  const tester = await source.as('tester');
  const shelf = await putOnShelf(tester);
  const { lotId } = shelf;
  const run = await startRun(tester, shelf);
  await fillSheet(source, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
  const acid = await startRun(tester, shelf, 'ph-1to5');
  const wrong = reading(source, 0, 'pH', 5.1) as { readonly id: string };
  await tester.post(`/runs/${acid.id}/readings`, wrong);
  await tester.post(`/runs/${acid.id}/readings`, reading(source, 0, 'pH', 5.2, { corrects: wrong.id, reason: 'slip' }));
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#8a5' } })
    .jpeg()
    .toBuffer();
  await tester.sendBytes(`/lots/${lotId}/photos/${uuidv7()}?caption=label`, picture, 'image/jpeg');
  await tester.sendBytes(`/runs/${run.id}/photos/${uuidv7()}?caption=drips`, picture, 'image/jpeg');
  await tester.post('/pots', {
    id: uuidv7(),
    name: 'By the gate',
    count: 1,
    mediumKind: 'lot',
    mediumId: lotId,
    shape: { height_cm: 25 },
    filledOn: '2026-10-01',
    stand: 'mild',
  });
  const rater = await source.as('panellist');
  await openSitting(lead, lotId, [rater.me.id]);
  const text = (await lead.get<NotebookText>('/notebook-file/notebook.json')).body;
  return { source, lead, lotId, text };
}

/** An empty notebook: nobody is in it but whoever began it. */
export async function emptyNotebook(): Promise<{ readonly server: TestServer; readonly lead: Client }> {
  const server = await startTestServer();
  await server.db.query('delete from users');
  return { server, lead: await server.as('lead') };
}

/** Sends a file to be looked at. */
export const look = (client: Client, file: Buffer | string, id = uuidv7()) =>
  client.sendBytes(`/notebook-file/incoming/${id}`, file, 'application/octet-stream') as Promise<{
    status: number;
    body: FileReport & { error?: { message: string } };
  }>;
/** Takes in what was looked at. */
export const takeIn = (client: Client, { id }: FileReport, body: object = { others: 'theirs', chosen: [] }) =>
  client.post<FileReport>(`/notebook-file/incoming/${id}`, body);
/** A row that there is. */
export const requireRow = (rows: Record<string, unknown>[] | undefined, place: number): Record<string, unknown> => {
  const row = rows?.[place];
  if (row === undefined) throw new Error('there is no such row');
  return row;
};
/** Rows of each kind as text, without what never leaves. */
export async function rowsIn({ db }: TestServer): Promise<Map<string, readonly string[]>> {
  const all = new Map<string, readonly string[]>();
  for (const { name, aside, only } of await fileKinds(db.manager)) {
    const rows = await db.query<{ row: string }[]>(
      `select (to_jsonb(t) - $1::text[])::text as row from "${name}" t ${only === undefined ? '' : `where ${only}`} order by 1`,
      [aside],
    );
    all.set(
      name,
      rows.map(({ row }) => row),
    );
  }
  return all;
}

/** How many rows of a file were added, the same, different or refused. */
export const sumOf = ({ kinds }: FileReport, what: 'added' | 'same' | 'different' | 'refused'): number =>
  kinds.reduce((sum, one) => sum + one[what], 0);
