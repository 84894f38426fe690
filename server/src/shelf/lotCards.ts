import type { LotRow, RunSheet } from '@bent-pail/contract';
import { lotCard, type LotCard, type LotRecord } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import { loadSheets, toRunRecord } from '../bench/records';
import { LotEntity, MaterialEntity, RunEntity } from '../database/entities';

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

/** Lots with their cards, computed from their readings, newest lot first; all of them, or those named. */
export async function loadLots(manager: EntityManager, ids?: readonly string[]): Promise<LoadedLot[]> {
  const where = ids === undefined ? {} : { where: { id: In([...ids]) } };
  const lots = await manager.find(LotEntity, { ...where, order: { createdAt: 'desc' } });
  if (lots.length === 0) return [];
  const materials = await manager.find(MaterialEntity, { where: { id: In(lots.map((lot) => lot.materialId)) } });
  const runs = await manager.find(RunEntity, { where: { lotId: In(lots.map((lot) => lot.id)) } });
  const sheets = await loadSheets(manager, runs);
  return lots.map((lot) => {
    const material = materials.find((one) => one.id === lot.materialId) as MaterialEntity;
    const own = sheets.filter((sheet) => sheet.lot.id === lot.id);
    const card = lotCard(toRecord(lot, material, own));
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
      version: lot.version,
      materialVersion: material.version,
      finishedRuns,
      openRuns: own.length - finishedRuns,
      ...optional('pail', card.pail),
      ...optional('component', card.component),
    };
    return { row, card };
  });
}
