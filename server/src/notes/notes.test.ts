import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { RunSheet } from '@bent-pail/contract';
import sharp, { type Sharp } from 'sharp';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { reencode } from './picture';

let server: TestServer;
let tester: Client;
let shelf: Pumice;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

const blank = (width: number, height: number): Sharp =>
  sharp({ create: { width, height, channels: 3, background: '#8a5' } });
const picture = (width: number, height: number): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#8a5' } })
    .withExif({ IFD0: { Copyright: 'where I live' } })
    .jpeg()
    .toBuffer();
const upload = (run: string, id: string, file: Buffer | string, type = 'image/jpeg', caption = 'scale bar 5 cm') =>
  tester.sendBytes(`/runs/${run}/photos/${id}?caption=${encodeURIComponent(caption)}`, file, type);
const sheetOf = async (id: string): Promise<RunSheet> => (await tester.get<RunSheet>(`/runs/${id}`)).body;

describe('notes beside a run', () => {
  it('are kept once, with who wrote them', async () => {
    const run = await startRun(tester, shelf, 'smell');
    const note = { id: uuidv7(), text: 'Rained on, smells of earth.' };
    expect((await tester.post(`/runs/${run.id}/notes`, note)).status).toBe(204);
    expect((await tester.post(`/runs/${run.id}/notes`, note)).status).toBe(204);
    expect((await tester.post(`/runs/${run.id}/notes`, { ...note, text: 'other' })).status).toBe(409);
    expect((await tester.post(`/runs/${run.id}/notes`, { id: uuidv7(), text: '' })).status).toBe(422);
    const { notes } = await sheetOf(run.id);
    expect(notes).toMatchObject([{ text: note.text, by: expect.stringContaining('tester') as string }]);
  });
});

describe('photos beside a run', () => {
  it('are made anew: smaller, and rid of what else the file told', async () => {
    const run = await startRun(tester, shelf, 'look');
    const id = uuidv7();
    const file = await picture(3000, 2000);
    expect((await sharp(file).metadata()).exif).toBeDefined();
    expect((await upload(run.id, id, file)).status).toBe(204);
    expect((await sheetOf(run.id)).photos).toMatchObject([
      { id, caption: 'scale bar 5 cm', width: 1600, height: 1067 },
    ]);
    const kept = await tester.bytes(`/photos/${id}`);
    const { exif, format, width } = await sharp(kept).metadata();
    expect({ exif, format, width }).toEqual({ exif: undefined, format: 'jpeg', width: 1600 });
    // Sent again, as a browser does that heard no answer: still one photo.
    expect((await upload(run.id, id, file)).status).toBe(204);
    expect((await sheetOf(run.id)).photos).toHaveLength(1);
  });

  it('that are no photos are refused with a sentence, whatever they call themselves', async () => {
    const run = await startRun(tester, shelf, 'look');
    const script = await upload(run.id, uuidv7(), '<svg onload="alert(1)">', 'image/png');
    expect(script.status).toBe(422);
    expect(JSON.stringify(script.body)).toContain('not a photo');
    expect((await upload(run.id, uuidv7(), '{}', 'application/json')).status).toBe(422);
    expect((await upload(run.id, 'no-uuid', await picture(20, 20))).status).toBe(422);
    expect((await upload(run.id, uuidv7(), await picture(20, 20), 'image/jpeg', 'x'.repeat(201))).status).toBe(422);
    expect((await sheetOf(run.id)).photos).toEqual([]);
  });

  const SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="10" height="10"><rect width="10" height="10"/></svg>';
  it.each<[string, () => Promise<Buffer> | Buffer]>([
    ['a drawing of lines', () => Buffer.from(SVG)],
    ['a drawing with a header of its own', () => Buffer.from(`<?xml version="1.0"?>${SVG}`)],
    ['a GIF', () => blank(20, 20).gif().toBuffer()],
    ['a TIFF', () => blank(20, 20).tiff().toBuffer()],
    ['an AVIF', () => blank(20, 20).avif().toBuffer()],
    ['only the beginning of a JPEG', async () => (await picture(400, 300)).subarray(0, 300)],
    ['a few bytes', () => Buffer.from([0xff, 0xd8])],
    ['nothing', () => Buffer.alloc(0)],
    ['a PNG of more pixels than are decoded', () => blank(9000, 5000).png().toBuffer()],
    ['a JPEG in passes of more pixels than are held', () => blank(6000, 4000).jpeg({ progressive: true }).toBuffer()],
  ])('that are %s are refused by their content, whatever they call themselves', async (_, make) => {
    const run = await startRun(tester, shelf, 'look');
    const answer = await upload(run.id, uuidv7(), await make(), 'image/jpeg');
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body)).toContain('not a photo');
    expect((await sheetOf(run.id)).photos).toEqual([]);
  });

  it.each<[string, () => Promise<Buffer>]>([
    ['JPEG', () => blank(900, 600).jpeg().toBuffer()],
    ['PNG', () => blank(900, 600).png().toBuffer()],
    ['WebP', () => blank(900, 600).webp().toBuffer()],
    ['large JPEG', () => blank(8000, 6000).jpeg().toBuffer()],
  ])('as %s are taken', async (_, make) => {
    const run = await startRun(tester, shelf, 'look');
    expect((await upload(run.id, uuidv7(), await make(), 'image/png')).status).toBe(204);
    expect((await sheetOf(run.id)).photos).toHaveLength(1);
  });

  it('by the handful at once are decoded one after the other, and leave no file behind', async () => {
    const run = await startRun(tester, shelf, 'look');
    const file = await picture(3000, 2000);
    const answers = await Promise.all(Array.from({ length: 5 }, () => upload(run.id, uuidv7(), file)));
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 5 }, () => 204));
    // Other tests decode photos beside this one: theirs are gone in a moment too.
    await vi.waitFor(
      () => {
        expect(readdirSync(tmpdir()).filter((name) => name.startsWith('bent-pail-photo-'))).toEqual([]);
      },
      { timeout: 15_000 },
    );
  });

  it('sent again under the id of another are refused', async () => {
    const run = await startRun(tester, shelf, 'look');
    const id = uuidv7();
    await upload(run.id, id, await picture(40, 30));
    expect((await upload(run.id, id, await picture(30, 40))).status).toBe(409);
    expect((await upload(run.id, id, await picture(40, 30), 'image/jpeg', 'another caption')).status).toBe(409);
  });

  it('that take too long to decode are given up', async () => {
    const file = path.join(tmpdir(), `slow-${uuidv7()}.jpg`);
    writeFileSync(file, await picture(3000, 2000));
    await expect(reencode({ file, sha256: '', mostPixels: 60_000_000 }, 1)).rejects.toMatchObject({ status: 422 });
    rmSync(file);
  });

  it('larger than the limit are refused, and the connection goes on', async () => {
    const run = await startRun(tester, shelf, 'look');
    const answer = await upload(run.id, uuidv7(), Buffer.alloc(12_500_000));
    expect(answer.status).toBe(413);
    expect((await tester.get('/runs')).status).toBe(200);
  });
});
