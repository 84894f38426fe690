import { notebookRow } from '../notebook/repository';
import type { Table } from '../exports/table';
import { pricesToTell } from './tableRepository';

/** Every price of every lot, in the notebook's money. */
export const prices: Table = {
  name: 'prices',
  columns: ['material', 'lot', 'seen_on', 'price', 'money', 'form', 'pack_L', 'pack_kg', 'delivery', 'place', 'by'],
  rows: async function* ({ db }, wanted) {
    const { currency } = await notebookRow(db.manager);
    for await (const rows of pricesToTell(db.manager, wanted))
      yield rows.map(({ seenOn, ...row }) => ({ ...row, seen_on: seenOn, money: currency }));
  },
};
