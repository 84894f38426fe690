import type { Resource } from '../resource';
import { NoteEntity, PhotoEntity } from './entities';
import { noteRoutes } from './routes';

export const notes: Resource = {
  name: 'notes',
  entities: [NoteEntity, PhotoEntity],
  routes: noteRoutes,
};
