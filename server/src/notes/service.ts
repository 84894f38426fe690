import type { Me, NewNote, RunNote, RunPhoto } from '@bent-pail/contract';
import { In, type EntityManager } from 'typeorm';
import { requireOwnRun } from '../bench/ownRun';
import type { Context } from '../context';
import { UserEntity } from '../accounts/entities';
import { RunEntity } from '../bench/entities';
import { NoteEntity, PhotoEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { reencode } from './picture';
import type { SentPhoto } from './spool';

/** A run has no album. */
const MOST_PHOTOS = 24;
const LONGEST_CAPTION = 200;

/** The run, where it is one that this person may write beside. */
export async function requireRun(manager: EntityManager, me: Me, runId: string): Promise<RunEntity> {
  const run = await manager.findOneBy(RunEntity, { id: runId });
  if (run === null) throw notFound('run');
  requireOwnRun(run, me);
  return run;
}

export async function addNote({ db, clock }: Context, me: Me, runId: string, body: NewNote): Promise<void> {
  await requireRun(db.manager, me, runId);
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'note', said: { ...body, runId } }, async () => {
      await manager.insert(NoteEntity, { ...body, runId, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
}

interface Upload {
  readonly id: string;
  readonly caption: string;
  readonly photo: SentPhoto;
}

export async function addPhoto({ db, clock }: Context, me: Me, runId: string, upload: Upload): Promise<void> {
  const { id, photo } = upload;
  const caption = upload.caption.trim();
  if (caption.length > LONGEST_CAPTION) throw refused('caption', 'Keep the caption under 200 letters.');
  const said = { runId, caption, sha256: photo.sha256 };
  // Decoded outside the transaction: it takes its time, and connections are few.
  const isKnown = (await db.manager.countBy(PhotoEntity, { id })) > 0;
  const picture = isKnown ? undefined : await reencode(photo);
  await db.transaction((manager) =>
    keepOnce(manager, { id, what: 'photo', said }, async () => {
      if (picture === undefined) throw conflict('A photo with this id is kept with other content.');
      await manager.findOne(RunEntity, { where: { id: runId }, lock: { mode: 'pessimistic_write' } });
      if ((await manager.countBy(PhotoEntity, { runId })) >= MOST_PHOTOS)
        throw refused('photo', `A run keeps ${String(MOST_PHOTOS)} photos at most.`);
      await manager.insert(PhotoEntity, {
        id,
        runId,
        caption,
        ...picture,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
}

/** The picture itself, for those who may see its run. */
export async function photoJpeg({ db }: Context, me: Me, id: string): Promise<Buffer> {
  const photo = await db.manager.findOne(PhotoEntity, { where: { id }, select: { id: true, runId: true, jpeg: true } });
  if (photo === null) throw notFound('photo');
  await requireRun(db.manager, me, photo.runId);
  return photo.jpeg;
}

export interface RunAsides {
  readonly notes: readonly RunNote[];
  readonly photos: readonly RunPhoto[];
}

/** Notes and photos of a run, oldest first, without the pictures. */
export async function asidesOf(manager: EntityManager, runId: string): Promise<RunAsides> {
  const where = { where: { runId }, order: { keptAt: 'asc' } } as const;
  const notes = await manager.find(NoteEntity, where);
  const photos = await manager.find(PhotoEntity, where);
  const people = [...new Set([...notes, ...photos].map(({ byUser }) => byUser))];
  const users = people.length === 0 ? [] : await manager.findBy(UserEntity, { id: In(people) });
  const told = ({ byUser, keptAt }: NoteEntity | PhotoEntity): { readonly by: string; readonly keptAt: string } => ({
    by: users.find(({ id }) => id === byUser)?.name ?? '',
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
