import {
  columnVisibilityFeature,
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { useMemo } from 'react';
import type { Column, TableModel } from './column';

const FEATURES = tableFeatures({
  columnVisibilityFeature,
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
});

/** Words by their letters and the numbers in them, figures by their size. */
const compare = (a: unknown, b: unknown): number =>
  typeof a === 'number' && typeof b === 'number'
    ? a - b
    : String(a).localeCompare(String(b), 'en', { numeric: true, sensitivity: 'base' });

/** Rows in their order, and the columns that are shown. A server's rows come in order; others are sorted here. */
export function useTableRows<Row>({ columns, rows, keyOf, view, further }: TableModel<Row>): {
  readonly rows: readonly Row[];
  readonly columns: readonly Column<Row>[];
} {
  const defs = useMemo(
    () =>
      columns.map(({ key, value }): ColumnDef<typeof FEATURES, Row & object> => ({
        id: key,
        accessorFn: (row) => value?.(row),
        sortUndefined: 'last',
        sortFn: (a, b, id) => compare(a.getValue(id), b.getValue(id)),
      })),
    [columns],
  );
  const usual = columns.find(({ key }) => key === view.sort)?.sort ?? 'up';
  const table = useTable({
    features: FEATURES,
    columns: defs,
    data: rows as readonly (Row & object)[],
    getRowId: keyOf,
    manualSorting: further !== undefined,
    state: {
      sorting: view.sort === undefined ? [] : [{ id: view.sort, desc: (view.direction ?? usual) === 'down' }],
      columnVisibility: Object.fromEntries(view.without.map((key) => [key, false])),
    },
  });
  return {
    rows: table.getRowModel().rows.map(({ original }) => original),
    columns: table.getVisibleLeafColumns().flatMap(({ id }) => columns.find(({ key }) => key === id) ?? []),
  };
}
