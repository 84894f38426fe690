import { PHOTO_LIMIT } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { refused } from '../http/problems';
import { spooled, tooLarge } from '../notes/spool';
import type { AlbumOf } from './repository';
import { addPhoto, listPhotos, photoJpeg, requireAlbum } from './service';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The two routes of one kind of album. */
const albumOf = (context: Context, things: 'lots' | 'pots' | 'trials', album: (id: string) => AlbumOf): Route[] => [
  defineRoute({
    method: 'get',
    address: `/${things}/:id/photos`,
    guard: READS,
    answer: ({ params }) => listPhotos(context, album(params.id)),
  }),
  defineRoute({
    method: 'put',
    address: `/${things}/:id/photos/:photo`,
    guard: WORKS,
    status: 204,
    answer: async ({ who, params, request }) => {
      const { photo: id } = params;
      if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
      const caption = typeof request.query.caption === 'string' ? request.query.caption : '';
      const whose = album(params.id);
      // Nothing is read of it before it is known that there is such an album.
      await requireAlbum(context, whose);
      if (Number(request.get('content-length') ?? 0) > PHOTO_LIMIT) throw tooLarge();
      await spooled(request, PHOTO_LIMIT, (photo) => addPhoto(context, who, whose, { id, caption, photo }));
    },
  }),
];

export const albumRoutes = (context: Context): Route[] => [
  ...albumOf(context, 'lots', (lotId) => ({ lotId })),
  ...albumOf(context, 'pots', (potId) => ({ potId })),
  ...albumOf(context, 'trials', (trialId) => ({ trialId })),
  defineRoute({
    method: 'get',
    address: '/album-photos/:id',
    guard: READS,
    respond: async ({ params }, response) => {
      const jpeg = await photoJpeg(context, params.id);
      // A kept photo never changes.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(jpeg);
    },
  }),
];
