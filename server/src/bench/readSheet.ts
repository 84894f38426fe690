import type { RunSheet } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { RunEntity } from './entities';
import { notFound } from '../http/problems';
import { loadSheet } from './records';

/** One run's sheet, or a sentence that there is none. */
export async function readSheet(manager: EntityManager, id: string): Promise<RunSheet> {
  const run = await manager.findOneBy(RunEntity, { id });
  if (run === null) throw notFound('run');
  return loadSheet(manager, run);
}
