import type { Resource } from '../resource';
import { notebookFileRoutes } from './routes';

/** The whole notebook as an open file, written and taken in. */
export const notebookFile: Resource = { name: 'notebookFile', routes: notebookFileRoutes };
