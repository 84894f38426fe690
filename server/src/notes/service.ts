import type { NewNote, RunNote, RunPhoto } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { holdRun, requireRun } from '../bench/requireRun';
import type { Context } from '../context';
import type { NoteEntity, PhotoEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import type { Principal } from '../http/principal';
import { conflict, notFound, refused } from '../http/problems';
import { reencode } from './picture';
import { asidesKept, countPhotos, insertNote, insertPhoto, isPhotoKept, pictureOf } from './repository';
import type { SentPhoto } from './spool';

/** A run has no album. */
const MOST_PHOTOS = 24;
const LONGEST_CAPTION = 200;

export async function addNote({ db, clock }: Context, who: Principal, runId: string, body: NewNote): Promise<void> {
  await requireRun(db.manager, runId);
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'note', said: { ...body, runId } }, async () => {
      await insertNote(manager, { ...body, runId, byUser: who.id, keptAt: new Date(clock.now()) });
    }),
  );
}

interface Upload {
  readonly id: string;
  readonly caption: string;
  readonly photo: SentPhoto;
}

export async function addPhoto({ db, clock }: Context, who: Principal, runId: string, upload: Upload): Promise<void> {
  const { id, photo } = upload;
  const caption = upload.caption.trim();
  if (caption.length > LONGEST_CAPTION) throw refused('caption', 'Keep the caption under 200 letters.');
  const said = { runId, caption, sha256: photo.sha256 };
  // Decoded outside the transaction: it takes its time, and connections are few.
  const isKnown = await isPhotoKept(db.manager, id);
  const picture = isKnown ? undefined : await reencode(photo);
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'photo', said }, async () => {
      if (picture === undefined) throw conflict('A photo with this id is kept with other content.');
      await holdRun(manager, runId);
      if ((await countPhotos(manager, runId)) >= MOST_PHOTOS)
        throw refused('photo', `A run keeps ${String(MOST_PHOTOS)} photos at most.`);
      await insertPhoto(manager, {
        id,
        runId,
        caption,
        ...picture,
        byUser: who.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
}

/** The picture itself. */
export async function photoJpeg({ db }: Context, id: string): Promise<Buffer> {
  const photo = await pictureOf(db.manager, id);
  if (photo === null) throw notFound('photo');
  return photo.jpeg;
}

export interface RunAsides {
  readonly notes: readonly RunNote[];
  readonly photos: readonly RunPhoto[];
}

/** Notes and photos of a run, oldest first, without the pictures. */
export async function asidesOf(manager: EntityManager, runId: string): Promise<RunAsides> {
  const { notes, photos } = await asidesKept(manager, runId);
  const names = await namesOf(
    manager,
    [...notes, ...photos].map(({ byUser }) => byUser),
  );
  const told = ({ byUser, keptAt }: NoteEntity | PhotoEntity): { readonly by: string; readonly keptAt: string } => ({
    by: names.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  });
  return {
    notes: notes.map((note) => ({ id: note.id, text: note.text, ...told(note) })),
    photos: photos.map((photo) => {
      const { id, caption, width, height } = photo;
      return { id, caption, width, height, ...told(photo) };
    }),
  };
}
