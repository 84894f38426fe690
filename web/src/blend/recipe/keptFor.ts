import type { PlantRow } from '@bent-pail/contract';

/** Whom a lot is kept for, as it stands behind its name; nothing where it is free. */
export function keptFor(lotId: string, plants: readonly PlantRow[]): string {
  const names = plants.filter(({ keeps }) => keeps.includes(lotId)).map(({ name }) => name);
  return names.length === 0 ? '' : `, kept for ${names.join(' and ')}`;
}
