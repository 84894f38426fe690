import type { PotMediumKind } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { newestVersionOf } from '../blends/repository';
import { refused } from '../http/problems';
import { lotOf } from '../shelf/lotRepository';

interface Medium {
  readonly mediumKind: PotMediumKind;
  readonly mediumId: string;
}
export const NO_MEDIUM = Object.freeze({ blendId: null, blendN: null, lotId: null });

/** What something is filled with: a blend in its newest version, or a lot. Refuses what is not there. */
export async function requireMedium(
  manager: EntityManager,
  { mediumKind, mediumId }: Medium,
  path = 'mediumId',
): Promise<{ readonly blendId: string | null; readonly blendN: number | null; readonly lotId: string | null }> {
  if (mediumKind === 'lot') {
    if ((await lotOf(manager, mediumId)) === null) throw refused(path, 'There is no such lot.');
    return { ...NO_MEDIUM, lotId: mediumId };
  }
  const blendN = await newestVersionOf(manager, mediumId);
  if (blendN === undefined) throw refused(path, 'There is no such blend.');
  return { ...NO_MEDIUM, blendId: mediumId, blendN };
}
