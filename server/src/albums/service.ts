import type { Me, RunPhoto } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { filledPotRow } from '../filledPots/repository';
import { conflict, notFound, refused } from '../http/problems';
import { reencode } from '../notes/picture';
import type { SentPhoto } from '../notes/spool';
import { lotOf } from '../shelf/lotRepository';
import { trialOf } from '../trials/repository';
import { countPhotos, holdAlbum, insertPhoto, isPhotoKept, photosOf, pictureOf, type AlbumOf } from './repository';

/** A lot is not photographed every week; a pot may be for a year, each plot of a trial now and then. */
const MOST = Object.freeze({ lot: 12, pot: 60, trial: 300 });
const LONGEST_CAPTION = 200;

/** Refuses an album of a lot, pot or trial that is not there. */
export async function requireAlbum({ db }: Context, album: AlbumOf): Promise<void> {
  if ('lotId' in album) {
    if ((await lotOf(db.manager, album.lotId)) === null) throw notFound('lot');
  } else if ('trialId' in album) {
    if ((await trialOf(db.manager, album.trialId)) === null) throw notFound('trial');
  } else if ((await filledPotRow(db.manager, album.potId)) === undefined) throw notFound('pot');
}

export async function listPhotos(context: Context, album: AlbumOf): Promise<RunPhoto[]> {
  const { manager } = context.db;
  await requireAlbum(context, album);
  const photos = await photosOf(manager, album);
  const names = await namesOf(
    manager,
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

const kindOf = (album: AlbumOf): keyof typeof MOST => ('lotId' in album ? 'lot' : 'potId' in album ? 'pot' : 'trial');

interface Upload {
  readonly id: string;
  readonly caption: string;
  readonly photo: SentPhoto;
}

/** Keeps a photo, made small and without where it was taken. */
export async function addPhoto({ db, clock }: Context, me: Me, album: AlbumOf, upload: Upload): Promise<void> {
  const { id, photo } = upload;
  const caption = upload.caption.trim();
  if (caption.length > LONGEST_CAPTION) throw refused('caption', 'Keep the caption under 200 letters.');
  // Decoded outside the transaction: it takes its time, and connections are few.
  const picture = (await isPhotoKept(db.manager, id)) ? undefined : await reencode(photo);
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'photo', said: { ...album, caption, sha256: photo.sha256 } }, async () => {
      if (picture === undefined) throw conflict('A photo with this id is kept with other content.');
      const whose = kindOf(album);
      await holdAlbum(manager, album);
      if ((await countPhotos(manager, album)) >= MOST[whose])
        throw refused('photo', `A ${whose} keeps ${String(MOST[whose])} photos at most.`);
      await insertPhoto(manager, { id, ...album, caption, ...picture, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
}

export async function photoJpeg({ db }: Context, id: string): Promise<Buffer> {
  const photo = await pictureOf(db.manager, id);
  if (photo === null) throw notFound('photo');
  return photo.jpeg;
}
