import { NewNote, PHOTO_LIMIT } from '@bent-pail/contract';
import { raw, type Request, type Response } from 'express';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { BENCH_READS, BENCH_WORKS, meOf } from '../http/guard';
import { refused } from '../http/problems';
import { addNote, addPhoto, photoJpeg } from './service';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

const readImage = raw({ type: 'image/*', limit: PHOTO_LIMIT });

/** The image that a request brings, up to the limit; read only once it is known that the person may send one. */
async function imageOf(request: Request, response: Response): Promise<Buffer> {
  await new Promise<void>((resolve, reject) => {
    readImage(request, response, (error?: unknown) => {
      if (error === undefined) resolve();
      else reject(error instanceof Error ? error : new Error('the photo could not be read'));
    });
  });
  const file: unknown = request.body;
  if (!Buffer.isBuffer(file)) throw refused('photo', 'Send the photo as an image.');
  return file;
}

export function noteRoutes(api: Api, context: Context): void {
  api.route('post', '/runs/:id/notes', BENCH_WORKS, async (request, response) => {
    await addNote(context, meOf(request), param(request, 'id'), readBody(NewNote, request.body));
    response.status(204).end();
  });
  api.route('put', '/runs/:id/photos/:photo', BENCH_WORKS, async (request, response) => {
    const id = param(request, 'photo');
    if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
    const file = await imageOf(request, response);
    const caption = typeof request.query.caption === 'string' ? request.query.caption : '';
    await addPhoto(context, meOf(request), param(request, 'id'), { id, caption, file });
    response.status(204).end();
  });
  api.route('get', '/photos/:id', BENCH_READS, async (request, response) => {
    const jpeg = await photoJpeg(context, meOf(request), param(request, 'id'));
    // A kept photo never changes.
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    response.type('image/jpeg').send(jpeg);
  });
}
