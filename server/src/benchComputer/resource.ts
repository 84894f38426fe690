import type { Resource } from '../resource';
import { benchComputerRoutes } from './routes';

/** How the computer is on which the notebook runs: for leads, in plain words. */
export const benchComputer: Resource = { name: 'benchComputer', routes: benchComputerRoutes };
