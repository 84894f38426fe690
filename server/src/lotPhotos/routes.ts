import { PHOTO_LIMIT } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { refused } from '../http/problems';
import { spooled, tooLarge } from '../notes/spool';
import { addLotPhoto, listLotPhotos, lotPhotoJpeg, requireLot } from './service';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

export const lotPhotoRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/lots/:id/photos',
    guard: READS,
    answer: ({ params }) => listLotPhotos(context, params.id),
  }),
  defineRoute({
    method: 'put',
    address: '/lots/:id/photos/:photo',
    guard: WORKS,
    status: 204,
    answer: async ({ who, params: { id: lotId, photo: id }, request }) => {
      if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
      const caption = typeof request.query.caption === 'string' ? request.query.caption : '';
      // Nothing is read of it before it is known that there is such a lot.
      await requireLot(context, lotId);
      if (Number(request.get('content-length') ?? 0) > PHOTO_LIMIT) throw tooLarge();
      await spooled(request, PHOTO_LIMIT, (photo) => addLotPhoto(context, who, lotId, { id, caption, photo }));
    },
  }),
  defineRoute({
    method: 'get',
    address: '/lot-photos/:id',
    guard: READS,
    respond: async ({ params }, response) => {
      const jpeg = await lotPhotoJpeg(context, params.id);
      // A kept photo never changes.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(jpeg);
    },
  }),
];
