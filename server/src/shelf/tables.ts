import { SUMMARY, summaryColumns, TROUBLE } from '../exports/summaryColumns';
import type { Row, Table } from '../exports/table';
import { findMediaClass } from '@bent-pail/core';
import { cardsToTell, lotsToTell, type CardFigureRow, type LotToTell } from './tableRepository';

/** Every figure of some lots' cards: one row each. */
const cardRow = (row: CardFigureRow): Row => ({
  ...summaryColumns(row),
  material: row.material,
  lot: row.lot,
  method: row.method,
  origin: row.origin,
  runs: row.runs,
  newest: row.newest?.toISOString(),
});

export const cards: Table = {
  name: 'cards',
  columns: ['material', 'lot', ...SUMMARY, 'method', 'origin', 'runs', 'newest', ...TROUBLE],
  rows: async function* ({ db }, wanted) {
    for await (const rows of cardsToTell(db.manager, wanted)) yield rows.map(cardRow);
  },
};

const lotRow = ({
  classId,
  boughtOn,
  packVolume_L,
  packWeight_kg,
  preparedFrom,
  away,
  createdAt,
  ...row
}: LotToTell): Row => ({
  ...row,
  class: classId === null ? null : (findMediaClass(classId)?.label ?? classId),
  bought_on: boughtOn,
  pack_L: packVolume_L,
  pack_kg: packWeight_kg,
  prepared_from: preparedFrom,
  put_away: away ? 'yes' : null,
  on_the_shelf_since: createdAt.toISOString(),
});

export const lots: Table = {
  name: 'lots',
  columns: [
    'material',
    'lot',
    'kind',
    'class',
    'source',
    'grade',
    'bought_on',
    'price',
    'pack_L',
    'pack_kg',
    'state',
    'prepared_from',
    'put_away',
    'on_the_shelf_since',
  ],
  rows: async function* ({ db }, wanted) {
    for await (const rows of lotsToTell(db.manager, wanted)) yield rows.map(lotRow);
  },
};
