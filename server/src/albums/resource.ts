import type { Resource } from '../resource';
import { AlbumPhotoEntity } from './entities';
import { albumRoutes } from './routes';

/** Photos of lots and of filled pots: what a label says beside its claims, how a plant looked beside its diary. */
export const albums: Resource = { name: 'albums', entities: [AlbumPhotoEntity], routes: albumRoutes };
