import type { PotEntryLine } from '@bent-pail/contract';
import { optional } from '../database/optional';
import type { PotEntryEntity } from './entities';

/** Lines of a diary as they are told, with what each repotted into: what is empty is absent. */
export const diaryLines = (
  entries: readonly PotEntryEntity[],
  repots: ReadonlyMap<string, string>,
): Omit<PotEntryLine, 'by'>[] =>
  entries.map((one) => ({
    id: one.id,
    at: one.at.toISOString(),
    kind: one.kind,
    ...optional('volume_mL', one.volume_mL),
    ...optional('mass_g', one.mass_g),
    ...optional('depth_cm', one.depth_cm),
    ...optional('feed', one.feed),
    ...optional('pour', one.pour),
    ...optional('signs', one.signs),
    ...optional('stand', one.stand),
    ...optional('medium', repots.get(one.id) ?? null),
    ...optional('shape', one.shape),
    ...optional('words', one.words),
  }));
