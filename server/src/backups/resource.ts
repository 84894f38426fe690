import type { Resource } from '../resource';
import { backupRoutes } from './routes';

/** Backups of the whole notebook: by themselves each day, and at a press. */
export const backups: Resource = { name: 'backups', routes: backupRoutes };
