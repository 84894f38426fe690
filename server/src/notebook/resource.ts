import type { Resource } from '../resource';
import { NotebookRow } from './entities';
import { notebookRoutes } from './routes';

export const notebook: Resource = {
  name: 'notebook',
  entities: [NotebookRow],
  routes: notebookRoutes,
};
