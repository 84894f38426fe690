import type { EntityManager } from 'typeorm';
import { refused } from '../http/problems';
import { isCodeTaken } from '../shelf/lotRepository';

/** Tenths of a millilitre are no overdraft. */
export const SLACK_L = 1e-4;

/** Litres in a sentence. */
export const said = (litres: number): string => `${litres.toFixed(1)} L`;

/** A code names one lot of a material. */
export async function requireFreeCode(manager: EntityManager, materialId: string, code: string): Promise<void> {
  if (await isCodeTaken(manager, materialId, code)) throw refused('code', `This material has a lot ${code} already.`);
}
