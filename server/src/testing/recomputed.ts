import type { LotRow, RunSheet } from '@bent-pail/contract';
import { isRead, lotCard, ownReadings, type LotReadings, type LotRecord } from '@bent-pail/core';
import { toRunRecord } from '../bench/records';

function recordOf(lot: LotRow, sheets: readonly RunSheet[]): LotRecord {
  const { id, name, code, materialId, classId, price, packVolume_L, packWeight_kg, opensTo, opensToBy } = lot;
  return {
    id,
    name,
    code,
    materialId,
    ...(classId === undefined ? {} : { materialClass: classId }),
    ...(price === undefined ? {} : { price }),
    ...(packVolume_L === undefined ? {} : { packVolume_L }),
    ...(packWeight_kg === undefined ? {} : { packWeight_kg }),
    ...(opensTo === undefined ? {} : { opensTo }),
    ...(opensToBy === undefined ? {} : { opensToBy }),
    runs: sheets
      .filter((sheet) => sheet.lot.id === id && sheet.finishedAt !== undefined)
      .sort((a, b) => a.number - b.number)
      .map(toRunRecord),
  };
}

/** What was read of other lots of its material, in the order of their ids. */
const kinOf = (record: LotRecord, all: readonly LotRecord[]): LotReadings[] =>
  all
    .filter(({ id, materialId }) => id !== record.id && materialId === record.materialId)
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .flatMap((one) => lotCard(one).curve?.readings ?? [])
    .map(ownReadings)
    .filter(isRead);

/** What cards rest on, from the rows and sheets as pages see them: by another way than the cards were made. */
export function recomputed(lots: readonly LotRow[], ids: readonly string[], sheets: readonly RunSheet[]): LotRecord[] {
  const records = lots.filter(({ id }) => ids.includes(id)).map((lot) => recordOf(lot, sheets));
  return records.map((record) => ({ ...record, kin: kinOf(record, records) }));
}
