import { NewNote, PHOTO_LIMIT } from '@bent-pail/contract';
import { requireRun } from '../bench/requireRun';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { refused } from '../http/problems';
import { addNote, addPhoto, photoJpeg } from './service';
import { spooled, tooLarge } from './spool';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

export const noteRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'post',
    address: '/runs/:id/notes',
    guard: WORKS,
    body: NewNote,
    status: 204,
    answer: ({ who, params, body }) => addNote(context, who, params.id, body),
  }),
  defineRoute({
    method: 'put',
    address: '/runs/:id/photos/:photo',
    guard: WORKS,
    status: 204,
    answer: async ({ who, params: { id: runId, photo: id }, request }) => {
      if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
      const caption = typeof request.query.caption === 'string' ? request.query.caption : '';
      // Nothing is read of it before it is known that this person may send one.
      await requireRun(context.db.manager, runId);
      if (Number(request.get('content-length') ?? 0) > PHOTO_LIMIT) throw tooLarge();
      await spooled(request, PHOTO_LIMIT, (photo) => addPhoto(context, who, runId, { id, caption, photo }));
    },
  }),
  defineRoute({
    method: 'get',
    address: '/photos/:id',
    guard: READS,
    respond: async ({ params }, response) => {
      const jpeg = await photoJpeg(context, params.id);
      // A kept photo never changes.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(jpeg);
    },
  }),
];
