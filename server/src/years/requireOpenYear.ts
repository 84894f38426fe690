import type { EntityManager } from 'typeorm';
import { conflict } from '../http/problems';
import { closedYearAt } from './repository';

/** Refuses to change what was finished in a year that is closed. */
export async function requireOpenYear(manager: EntityManager, finishedAt: Date): Promise<void> {
  const year = await closedYearAt(manager, finishedAt);
  if (year !== null)
    throw conflict(`The year ${year.label} is closed: what was finished in it stands. A lead can open it again.`);
}
