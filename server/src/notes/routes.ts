import { NewNote, PHOTO_LIMIT } from '@bent-pail/contract';
import type { Context } from '../context';
import { requireRun } from '../bench/requireRun';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { BENCH_READS, BENCH_WORKS, meOf } from '../http/guard';
import { refused } from '../http/problems';
import { addNote, addPhoto, photoJpeg } from './service';
import { spooled, tooLarge } from './spool';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

export function noteRoutes(api: Api, context: Context): void {
  api.route('post', '/runs/:id/notes', BENCH_WORKS, async (request, response) => {
    await addNote(context, meOf(request), param(request, 'id'), readBody(NewNote, request.body));
    response.status(204).end();
  });
  api.route('put', '/runs/:id/photos/:photo', BENCH_WORKS, async (request, response) => {
    const id = param(request, 'photo');
    if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
    const caption = typeof request.query.caption === 'string' ? request.query.caption : '';
    const [me, runId] = [meOf(request), param(request, 'id')];
    // Nothing is read of it before it is known that this person may send one.
    await requireRun(context.db.manager, runId, me);
    if (Number(request.get('content-length') ?? 0) > PHOTO_LIMIT) throw tooLarge();
    await spooled(request, PHOTO_LIMIT, (photo) => addPhoto(context, me, runId, { id, caption, photo }));
    response.status(204).end();
  });
  api.route('get', '/photos/:id', BENCH_READS, async (request, response) => {
    const jpeg = await photoJpeg(context, meOf(request), param(request, 'id'));
    // A kept photo never changes.
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    response.type('image/jpeg').send(jpeg);
  });
}
