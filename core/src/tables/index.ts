/** Tables that people keep in spreadsheets: which column is what, and what its cells say. */
export { headingRow, mappingOf, type TableMapping } from './headings';
export { readTable, type ReadRow, type TableRefusal } from './readTable';
export { TABLE_KINDS, tableKind, type TableField, type TableKind, type TableKindKey } from './tableKinds';
