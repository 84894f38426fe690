import type { TakenBack } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { ReadingEntity, TakenBackEntity } from './entities';
import { toReading } from './toReading';
import { exclusionsNamed, readingsNamed, takenBackOf } from './runRepository';

/** What of a run was taken back, with the readings that are none any more. */
export interface TakenBackRows {
  readonly rows: readonly TakenBackEntity[];
  readonly readings: readonly ReadingEntity[];
  readonly what: (row: TakenBackEntity, names: ReadonlyMap<string, string>) => Pick<TakenBack, 'reading' | 'exclusion'>;
}

export async function loadTakenBack(manager: EntityManager, runId: string): Promise<TakenBackRows> {
  const rows = await takenBackOf(manager, runId);
  const readings = await readingsNamed(
    manager,
    rows.flatMap(({ readingId }) => readingId ?? []),
  );
  const exclusions = await exclusionsNamed(
    manager,
    rows.flatMap(({ exclusionId }) => exclusionId ?? []),
  );
  return {
    rows,
    readings,
    what: ({ readingId, exclusionId }, names) => {
      const reading = readings.find(({ id }) => id === readingId);
      const exclusion = exclusions.find(({ id }) => id === exclusionId);
      return {
        ...(reading === undefined ? {} : { reading: toReading(reading, names, undefined) }),
        ...(exclusion === undefined ? {} : { exclusion: { replicate: exclusion.replicate, reason: exclusion.reason } }),
      };
    },
  };
}
