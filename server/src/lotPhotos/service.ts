import type { Me, RunPhoto } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { reencode } from '../notes/picture';
import type { SentPhoto } from '../notes/spool';
import { lotOf } from '../shelf/lotRepository';
import { countLotPhotos, insertLotPhoto, isLotPhotoKept, lotPictureOf, photosOfLot } from './repository';

/** A lot has no album. */
const MOST_PHOTOS = 12;
const LONGEST_CAPTION = 200;

export async function listLotPhotos({ db }: Context, lotId: string): Promise<RunPhoto[]> {
  if ((await lotOf(db.manager, lotId)) === null) throw notFound('lot');
  const photos = await photosOfLot(db.manager, lotId);
  const names = await namesOf(
    db.manager,
    photos.map(({ byUser }) => byUser),
  );
  return photos.map(({ id, caption, width, height, byUser, keptAt }) => ({
    id,
    caption,
    width,
    height,
    by: names.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  }));
}

interface Upload {
  readonly id: string;
  readonly caption: string;
  readonly photo: SentPhoto;
}

/** Keeps a photo of a lot, made small and without where it was taken. */
export async function addLotPhoto({ db, clock }: Context, me: Me, lotId: string, upload: Upload): Promise<void> {
  const { id, photo } = upload;
  const caption = upload.caption.trim();
  if (caption.length > LONGEST_CAPTION) throw refused('caption', 'Keep the caption under 200 letters.');
  // Decoded outside the transaction: it takes its time, and connections are few.
  const picture = (await isLotPhotoKept(db.manager, id)) ? undefined : await reencode(photo);
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'photo', said: { lotId, caption, sha256: photo.sha256 } }, async () => {
      if (picture === undefined) throw conflict('A photo with this id is kept with other content.');
      if ((await countLotPhotos(manager, lotId)) >= MOST_PHOTOS)
        throw refused('photo', `A lot keeps ${String(MOST_PHOTOS)} photos at most.`);
      const keptAt = new Date(clock.now());
      await insertLotPhoto(manager, { id, lotId, caption, ...picture, byUser: me.id, keptAt });
    }),
  );
}

export async function requireLot({ db }: Context, lotId: string): Promise<void> {
  if ((await lotOf(db.manager, lotId)) === null) throw notFound('lot');
}

export async function lotPhotoJpeg({ db }: Context, id: string): Promise<Buffer> {
  const photo = await lotPictureOf(db.manager, id);
  if (photo === null) throw notFound('photo');
  return photo.jpeg;
}
