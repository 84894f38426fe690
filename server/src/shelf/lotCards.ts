import type { LotRow, RunSheet } from '@bent-pail/contract';
import { CoreError, lotCard, type LotCard, type LotRecord } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import { loadSheets, toRunRecord } from '../bench/records';
import { LotEntity, MaterialEntity, RunEntity } from '../database/entities';
import { stockOf } from '../stock/movements';
import { lotOrigins } from './lotOrigins';

const optional = <K extends string, V>(key: K, value: V | null | undefined): Partial<Record<K, V>> =>
  value === null || value === undefined ? {} : ({ [key]: value } as Record<K, V>);

export interface LoadedLot {
  readonly row: LotRow;
  readonly card: LotCard;
}

function toRecord(lot: LotEntity, material: MaterialEntity, sheets: readonly RunSheet[]): LotRecord {
  return {
    id: lot.id,
    name: material.name,
    code: lot.code,
    ...optional('materialClass', material.classId),
    ...optional('price', lot.price),
    ...optional('packVolume_L', lot.packVolume_L),
    runs: sheets.map(toRunRecord),
  };
}

/** Cards that were computed before: a cache that can be dropped at any time, keyed by all that a card rests on. */
const known = new Map<string, { readonly key: string; readonly card: LotCard }>();
const MOST_KNOWN = 2000;

/** What a card rests on, in short: a reading more, an exclusion, a filling, a changed price, and the key is another. */
function keyOf(record: LotRecord, lot: LotEntity, material: MaterialEntity): string {
  const runs = record.runs.map(({ id, readings, exclusions, finishedAt, vessels }) => [
    id,
    readings.length,
    exclusions.length,
    finishedAt,
    vessels.map((vessel) => vessel?.fillings),
  ]);
  return JSON.stringify([lot.version, material.version, runs]);
}

function cardOf(record: LotRecord, lot: LotEntity, material: MaterialEntity): LotCard {
  const key = keyOf(record, lot, material);
  const before = known.get(record.id);
  if (before?.key === key) return before.card;
  const card = lotCard(record);
  known.delete(record.id);
  known.set(record.id, { key, card });
  const oldest = known.keys().next().value;
  if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
  return card;
}

/** A card with nothing on it, for a lot whose readings or prices cannot be reckoned with. */
const NO_CARD: LotCard = Object.freeze({ figures: [], missing: [] });

/** A card, or why there is none: one lot that cannot be worked out must not hide the others. */
function cardElseTrouble(
  record: LotRecord,
  lot: LotEntity,
  material: MaterialEntity,
): { readonly card: LotCard; readonly trouble?: string } {
  try {
    return { card: cardOf(record, lot, material) };
  } catch (error) {
    if (error instanceof CoreError) return { card: NO_CARD, trouble: error.message };
    throw error;
  }
}

/** Lots with their cards, computed from their readings, newest lot first; all of them, or those named. */
export async function loadLots(manager: EntityManager, ids?: readonly string[]): Promise<LoadedLot[]> {
  const where = ids === undefined ? {} : { where: { id: In([...ids]) } };
  const lots = await manager.find(LotEntity, { ...where, order: { createdAt: 'desc' } });
  if (lots.length === 0) return [];
  const materials = await manager.find(MaterialEntity, { where: { id: In(lots.map((lot) => lot.materialId)) } });
  const runs = await manager.find(RunEntity, { where: { lotId: In(lots.map((lot) => lot.id)) } });
  const sheets = await loadSheets(manager, runs);
  const stock = await stockOf(
    manager,
    lots.map((lot) => lot.id),
  );
  const originOf = await lotOrigins(manager, lots);
  return lots.map((lot) => {
    const material = materials.find((one) => one.id === lot.materialId) as MaterialEntity;
    const own = sheets.filter((sheet) => sheet.lot.id === lot.id);
    const { card, trouble } = cardElseTrouble(toRecord(lot, material, own), lot, material);
    const finishedRuns = own.filter((sheet) => sheet.finishedAt !== undefined).length;
    const row: LotRow = {
      id: lot.id,
      materialId: material.id,
      name: material.name,
      kind: material.kind,
      code: lot.code,
      aliases: material.aliases,
      ...optional('classId', material.classId),
      ...optional('source', lot.source),
      ...optional('grade', lot.grade),
      ...optional('boughtOn', lot.boughtOn),
      ...optional('price', lot.price),
      ...optional('packVolume_L', lot.packVolume_L),
      ...optional('state', lot.state),
      origin: originOf(lot),
      ...optional('stock_L', stock.get(lot.id)),
      version: lot.version,
      materialVersion: material.version,
      finishedRuns,
      openRuns: own.length - finishedRuns,
      ...optional('pail', card.pail),
      ...optional('component', card.component),
      ...optional('trouble', trouble),
    };
    return { row, card };
  });
}
