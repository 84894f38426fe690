import type { NewReading } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { serverNow } from '../shared/serverClock';

/** A reading taken now, by the bench computer's clock. */
export function newReading(replicate: number, step: string, value: number): NewReading {
  return { id: uuidv7(), replicate, step, value, takenAt: new Date(serverNow()).toISOString() };
}
