import type { EntityManager } from 'typeorm';
import { AlbumPhotoEntity } from './entities';

/** Whose album it is. */
export type AlbumOf = { readonly lotId: string } | { readonly potId: string } | { readonly trialId: string };

/** Photos of an album, oldest first, without the pictures. */
export const photosOf = (manager: EntityManager, album: AlbumOf): Promise<AlbumPhotoEntity[]> =>
  manager.find(AlbumPhotoEntity, { where: album, order: { keptAt: 'asc' } });

export const isPhotoKept = (manager: EntityManager, id: string): Promise<boolean> =>
  manager.existsBy(AlbumPhotoEntity, { id });

/** Holds an album until the transaction ends, so that of two photos at once only one is the last that fits. */
export async function holdAlbum(manager: EntityManager, album: AlbumOf): Promise<void> {
  await manager.query("select pg_advisory_xact_lock(hashtext('album ' || $1))", [Object.values(album)[0]]);
}

export const countPhotos = (manager: EntityManager, album: AlbumOf): Promise<number> =>
  manager.countBy(AlbumPhotoEntity, album);

export async function insertPhoto(
  manager: EntityManager,
  photo: Omit<AlbumPhotoEntity, 'lotId' | 'potId' | 'trialId'> & AlbumOf,
): Promise<void> {
  await manager.insert(AlbumPhotoEntity, photo);
}

/** The picture itself. */
export const pictureOf = (manager: EntityManager, id: string): Promise<Pick<AlbumPhotoEntity, 'id' | 'jpeg'> | null> =>
  manager.findOne(AlbumPhotoEntity, { where: { id }, select: { id: true, jpeg: true } });
