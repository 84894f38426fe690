import type { Resource } from '../resource';
import { LotPhotoEntity } from './entities';
import { lotPhotoRoutes } from './routes';

/** Photos of a lot: what its label says can be read beside its claims. */
export const lotPhotos: Resource = { name: 'lotPhotos', entities: [LotPhotoEntity], routes: lotPhotoRoutes };
