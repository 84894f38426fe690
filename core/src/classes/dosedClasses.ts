import { CoreError } from '../errors';
import type { DosedClass } from './dosedClass';
import { DOSED_CLASSES } from './dosedTable';

const byId = new Map(DOSED_CLASSES.map((one) => [one.id, one]));

/** The dosed class with this id, or undefined. */
export const findDosedClass = (id: string): DosedClass | undefined => byId.get(id);

/** The dosed class with this id; throws `unknown` at `path` otherwise. */
export function dosedClassById(id: string, path: string): DosedClass {
  const found = byId.get(id);
  if (found === undefined)
    throw new CoreError('unknown', path, `nothing that is dosed is called "${id}"; for example "bone-meal"`);
  return found;
}
