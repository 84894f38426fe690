import { SUMMARY, summaryColumns, TROUBLE } from '../exports/summaryColumns';
import type { Row, Table } from '../exports/table';
import { cardsToTell, type CardFigureRow } from './tableRepository';

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
