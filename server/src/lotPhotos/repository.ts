import type { EntityManager } from 'typeorm';
import { LotPhotoEntity } from './entities';

/** Photos of a lot, oldest first, without the pictures. */
export const photosOfLot = (manager: EntityManager, lotId: string): Promise<LotPhotoEntity[]> =>
  manager.find(LotPhotoEntity, { where: { lotId }, order: { keptAt: 'asc' } });

export const isLotPhotoKept = (manager: EntityManager, id: string): Promise<boolean> =>
  manager.existsBy(LotPhotoEntity, { id });

export const countLotPhotos = (manager: EntityManager, lotId: string): Promise<number> =>
  manager.countBy(LotPhotoEntity, { lotId });

export async function insertLotPhoto(manager: EntityManager, photo: LotPhotoEntity): Promise<void> {
  await manager.insert(LotPhotoEntity, photo);
}

/** The picture itself. */
export const lotPictureOf = (manager: EntityManager, id: string): Promise<Pick<LotPhotoEntity, 'id' | 'jpeg'> | null> =>
  manager.findOne(LotPhotoEntity, { where: { id }, select: { id: true, jpeg: true } });
