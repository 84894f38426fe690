import type { Resource } from '../resource';
import { PlaceEntity } from './entities';
import { placeRoutes } from './routes';

/** Where pots and beds stand: climate by month, wind, what is below, what waters them. */
export const places: Resource = {
  name: 'places',
  entities: [PlaceEntity],
  routes: placeRoutes,
};
