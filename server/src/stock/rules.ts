import type { LotRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { LotEntity } from '../database/entities';
import { notFound, refused } from '../http/problems';
import { loadLots } from '../shelf/lotCards';

/** Tenths of a millilitre are no overdraft. */
export const SLACK_L = 1e-4;

/** Litres in a sentence. */
export const said = (litres: number): string => `${litres.toFixed(1)} L`;

/** A code names one lot of a material. */
export async function requireFreeCode(manager: EntityManager, materialId: string, code: string): Promise<void> {
  if ((await manager.findOneBy(LotEntity, { materialId, code })) !== null)
    throw refused('code', `This material has a lot ${code} already.`);
}

/** A lot as the shelf lists it, after something was done to it. */
export async function rowOf({ db }: Context, id: string): Promise<LotRow> {
  const [loaded] = await loadLots(db.manager, [id]);
  if (loaded === undefined) throw notFound('lot');
  return loaded.row;
}
