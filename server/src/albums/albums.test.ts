import type { RunPhoto } from '@bent-pail/contract';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let lotId: string;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  ({ lotId } = await putOnShelf(tester));
});
afterAll(() => server.close());

const picture = (): Promise<Buffer> =>
  sharp({ create: { width: 2000, height: 1000, channels: 3, background: '#8a5' } })
    .withExif({ IFD0: { Copyright: 'where I live' } })
    .jpeg()
    .toBuffer();
const upload = (id: string, file: Buffer | string, caption = 'front of the bag', lot = lotId) =>
  tester.sendBytes(`/lots/${lot}/photos/${id}?caption=${encodeURIComponent(caption)}`, file, 'image/jpeg');
const photos = async (): Promise<RunPhoto[]> => (await tester.get<RunPhoto[]>(`/lots/${lotId}/photos`)).body;

describe('photos of a lot', () => {
  it('are kept once, small, and rid of what else the file told', async () => {
    const id = uuidv7();
    const file = await picture();
    expect((await upload(id, file)).status).toBe(204);
    expect((await upload(id, file)).status).toBe(204);
    expect(await photos()).toMatchObject([{ id, caption: 'front of the bag', width: 1600, height: 800 }]);
    const { exif } = await sharp(await tester.bytes(`/album-photos/${id}`)).metadata();
    expect(exif).toBeUndefined();
    expect((await upload(id, file, 'another caption')).status).toBe(409);
  });

  it('that are none, or of no lot, are refused with a sentence', async () => {
    expect(JSON.stringify((await upload(uuidv7(), '<svg/>')).body)).toContain('not a photo');
    expect((await upload('no-uuid', await picture())).status).toBe(422);
    expect((await upload(uuidv7(), await picture(), 'x'.repeat(201))).status).toBe(422);
    expect((await upload(uuidv7(), await picture(), 'x', uuidv7())).status).toBe(404);
    expect((await tester.get(`/lots/${uuidv7()}/photos`)).status).toBe(404);
    expect((await tester.get(`/album-photos/${uuidv7()}`)).status).toBe(404);
  });

  it('are not a panellist’s to see: they show what is behind a code', async () => {
    const [photo] = await photos();
    const panellist = await server.as('panellist');
    expect((await panellist.get(`/lots/${lotId}/photos`)).status).toBe(403);
    expect((await panellist.get(`/album-photos/${photo?.id ?? ''}`)).status).toBe(403);
  });

  it('are twelve at most', async () => {
    const file = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#000' } })
      .jpeg()
      .toBuffer();
    for (let i = (await photos()).length; i < 12; i += 1)
      expect((await upload(uuidv7(), file, String(i))).status).toBe(204);
    expect((await upload(uuidv7(), file)).body).toMatchObject({ error: { path: 'photo' } });
  });
});

describe('photos of a pot', () => {
  it('are an album of its own, longer than that of a lot', async () => {
    const potId = uuidv7();
    await tester.post('/pots', {
      id: potId,
      name: 'Camellia by the gate',
      count: 1,
      mediumKind: 'lot',
      mediumId: lotId,
      shape: { height_cm: 25 },
      filledOn: '2026-10-01',
      stand: 'mild',
    });
    const before = (await photos()).length;
    const id = uuidv7();
    const sent = await tester.sendBytes(`/pots/${potId}/photos/${id}?caption=roots`, await picture(), 'image/jpeg');
    expect(sent.status).toBe(204);
    const { body } = await tester.get<RunPhoto[]>(`/pots/${potId}/photos`);
    expect(body).toMatchObject([{ id, caption: 'roots' }]);
    expect(await photos()).toHaveLength(before);
    expect((await tester.bytes(`/album-photos/${id}`)).length).toBeGreaterThan(1000);
    expect((await tester.get(`/pots/${lotId}/photos`)).status).toBe(404);
  });
});
