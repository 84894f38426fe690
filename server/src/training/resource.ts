import type { Resource } from '../resource';
import { HandTryEntity, TrainingSampleEntity } from './entities';
import { trainingRoutes } from './routes';

/** Training of the hand against measured lots. */
export const training: Resource = {
  name: 'training',
  entities: [TrainingSampleEntity, HandTryEntity],
  routes: trainingRoutes,
};
