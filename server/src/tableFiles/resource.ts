import type { Resource } from '../resource';
import { tableFileRoutes } from './routes';

/** Tables of spreadsheets, taken in by a mapping that is guessed, shown, corrected and kept. */
export const tableFiles: Resource = { name: 'tableFiles', routes: tableFileRoutes };
