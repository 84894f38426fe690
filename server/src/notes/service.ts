import type { Me, NewNote, RunNote, RunPhoto } from '@bent-pail/contract';
import { In, type EntityManager } from 'typeorm';
import { requireOwnRun } from '../bench/ownRun';
import type { Context } from '../context';
import { NoteEntity, PhotoEntity, RunEntity } from '../database/entities';
import { conflict, notFound, refused } from '../http/problems';
import { reencode } from './picture';

/** A run has no album. */
const MOST_PHOTOS = 24;
const LONGEST_CAPTION = 200;

async function requireRun(manager: EntityManager, me: Me, runId: string): Promise<RunEntity> {
  const run = await manager.findOneBy(RunEntity, { id: runId });
  if (run === null) throw notFound('run');
  requireOwnRun(run, me);
  return run;
}

export async function addNote({ db, clock }: Context, me: Me, runId: string, body: NewNote): Promise<void> {
  await requireRun(db.manager, me, runId);
  const known = await db.manager.findOneBy(NoteEntity, { id: body.id });
  if (known !== null) {
    if (known.runId !== runId || known.text !== body.text)
      throw conflict('A note with this id is kept with other content.');
    return;
  }
  await db.manager.insert(NoteEntity, { ...body, runId, byUser: me.id, keptAt: new Date(clock.now()) });
}

interface Upload {
  readonly id: string;
  readonly caption: string;
  readonly file: Buffer;
}

export async function addPhoto({ db, clock }: Context, me: Me, runId: string, upload: Upload): Promise<void> {
  const { id, file } = upload;
  const caption = upload.caption.trim();
  await requireRun(db.manager, me, runId);
  if (caption.length > LONGEST_CAPTION) throw refused('caption', 'Keep the caption under 200 letters.');
  if ((await db.manager.countBy(PhotoEntity, { id })) > 0) return;
  if ((await db.manager.countBy(PhotoEntity, { runId })) >= MOST_PHOTOS)
    throw refused('photo', `A run keeps ${String(MOST_PHOTOS)} photos at most.`);
  const picture = await reencode(file);
  await db.manager.insert(PhotoEntity, {
    id,
    runId,
    caption,
    ...picture,
    byUser: me.id,
    keptAt: new Date(clock.now()),
  });
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

/** Notes and photos of some runs, oldest first, without the pictures. */
export async function asidesOf(
  manager: EntityManager,
  runIds: readonly string[],
  names: ReadonlyMap<string, string>,
): Promise<(runId: string) => RunAsides> {
  const where = { where: { runId: In([...runIds]) }, order: { keptAt: 'asc' } } as const;
  const notes = await manager.find(NoteEntity, where);
  const photos = await manager.find(PhotoEntity, where);
  const told = ({ byUser, keptAt }: NoteEntity | PhotoEntity) => ({
    by: names.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  });
  return (runId) => ({
    notes: notes
      .filter((note) => note.runId === runId)
      .map((note) => ({ id: note.id, text: note.text, ...told(note) })),
    photos: photos
      .filter((photo) => photo.runId === runId)
      .map(({ id, caption, width, height, ...rest }) => ({
        id,
        caption,
        width,
        height,
        ...told({ id, caption, width, height, ...rest }),
      })),
  });
}
