import type { EntityManager } from 'typeorm';
import { NoteEntity, PhotoEntity } from './entities';

/** Notes and photos of a run, oldest first, without the pictures. */
export async function asidesKept(
  manager: EntityManager,
  runId: string,
): Promise<{ readonly notes: readonly NoteEntity[]; readonly photos: readonly PhotoEntity[] }> {
  const where = { where: { runId }, order: { keptAt: 'asc' } } as const;
  return { notes: await manager.find(NoteEntity, where), photos: await manager.find(PhotoEntity, where) };
}

export async function insertNote(manager: EntityManager, note: NoteEntity): Promise<void> {
  await manager.insert(NoteEntity, note);
}

export const isPhotoKept = (manager: EntityManager, id: string): Promise<boolean> =>
  manager.existsBy(PhotoEntity, { id });

export const countPhotos = (manager: EntityManager, runId: string): Promise<number> =>
  manager.countBy(PhotoEntity, { runId });

export async function insertPhoto(manager: EntityManager, photo: PhotoEntity): Promise<void> {
  await manager.insert(PhotoEntity, photo);
}

/** The picture itself, and the run that it belongs to. */
export const pictureOf = (
  manager: EntityManager,
  id: string,
): Promise<Pick<PhotoEntity, 'id' | 'runId' | 'jpeg'> | null> =>
  manager.findOne(PhotoEntity, { where: { id }, select: { id: true, runId: true, jpeg: true } });
