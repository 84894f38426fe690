import type { NamedStuff } from './lotClasses';
import type { ReadRow, TableKindKey, TableMapping, TableRefusal } from '@bent-pail/core';

/** What a table is to be read as. */
export interface TableOrder {
  readonly from: string;
  readonly to: string;
  readonly kind: TableKindKey;
  readonly zone: string;
  /** Which column is what, where somebody said so. */
  readonly mapping?: TableMapping;
  /** Mappings that were used before, by their headings, a line each. */
  readonly known: readonly { readonly headings: string; readonly mapping: TableMapping }[];
}

/** What was read. */
export interface TableRead {
  readonly headings: readonly string[];
  readonly mapping: TableMapping;
  readonly sample: readonly (readonly string[])[];
  readonly read: readonly ReadRow[];
  readonly refused: readonly TableRefusal[];
  /** Of lots: what each name is taken for. */
  readonly named: readonly NamedStuff[];
}
