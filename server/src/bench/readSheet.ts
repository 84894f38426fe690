import type { RunSheet } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { loadSheet } from './records';
import { requireRun } from './requireRun';

/** One run's sheet, or a sentence that there is none. */
export async function readSheet(manager: EntityManager, id: string): Promise<RunSheet> {
  return loadSheet(manager, await requireRun(manager, id));
}
