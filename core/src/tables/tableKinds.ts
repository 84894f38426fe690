/** How a cell of a column is read. */
export type CellKind = 'text' | 'number' | 'day' | 'moment';

/** What a column may be of. */
export interface TableField {
  readonly key: string;
  readonly words: string;
  readonly reads: CellKind;
  readonly isNeeded?: true;
  /** What its numbers are kept in; a heading or a cell may name another of the kind. */
  readonly unit?: string;
  /** Headings by which it is known, in small letters; its words are one of them. */
  readonly also: readonly string[];
}

export interface TableKind {
  readonly key: string;
  readonly words: string;
  readonly fields: readonly TableField[];
  /** Columns that are none of its fields come along with their headings. */
  readonly takesFurther?: true;
}

/** Tables that can be taken in, and their columns. Units stand in the words: numbers are read in these. */
export const TABLE_KINDS = Object.freeze([
  {
    key: 'lots',
    words: 'lots and products',
    fields: [
      {
        key: 'name',
        words: 'material or product',
        reads: 'text',
        isNeeded: true,
        also: ['name', 'material', 'product', 'medium', 'bag'],
      },
      {
        key: 'code',
        words: 'lot',
        reads: 'text',
        isNeeded: true,
        also: ['code', 'lot code', 'batch', 'lot no', 'number'],
      },
      { key: 'kind', words: 'kind', reads: 'text', also: ['type', 'material or product?'] },
      { key: 'class', words: 'class', reads: 'text', also: ['kind of stuff', 'stuff', 'what it is'] },
      { key: 'source', words: 'source', reads: 'text', also: ['supplier', 'from', 'bought from', 'shop'] },
      { key: 'grade', words: 'grade', reads: 'text', also: ['size', 'fraction'] },
      { key: 'state', words: 'state', reads: 'text', also: ['condition', 'moisture'] },
      { key: 'bought_on', words: 'bought on', reads: 'day', also: ['bought', 'date', 'day', 'purchase date'] },
      { key: 'price', words: 'price of the pack', reads: 'number', also: ['price', 'cost', 'paid'] },
      {
        key: 'pack_volume_l',
        words: 'pack, L',
        reads: 'number',
        unit: 'L',
        also: ['volume', 'pack', 'litres', 'liters', 'l', 'pack volume', 'size l'],
      },
      { key: 'pack_weight_kg', words: 'pack, kg', reads: 'number', unit: 'kg', also: ['weight', 'kg', 'pack weight'] },
    ],
  },
  {
    key: 'readings',
    words: 'readings of runs',
    fields: [
      { key: 'run', words: 'run', reads: 'number', isNeeded: true, also: ['run no', 'run number', 'no'] },
      { key: 'replicate', words: 'replicate', reads: 'text', isNeeded: true, also: ['rep', 'sample', 'vessel'] },
      { key: 'step', words: 'step', reads: 'text', isNeeded: true, also: ['what', 'measure', 'reading'] },
      { key: 'value', words: 'value', reads: 'number', isNeeded: true, also: ['result', 'amount'] },
      { key: 'unit', words: 'unit', reads: 'text', also: ['units'] },
      {
        key: 'taken_at',
        words: 'taken at',
        reads: 'moment',
        isNeeded: true,
        also: ['time', 'when', 'at', 'date', 'date and time'],
      },
    ],
  },
  {
    key: 'weights',
    words: 'weights of pots',
    fields: [
      { key: 'pot', words: 'pot', reads: 'text', isNeeded: true, also: ['name', 'plant', 'filled pot'] },
      {
        key: 'at',
        words: 'weighed at',
        reads: 'moment',
        isNeeded: true,
        also: ['time', 'when', 'at', 'date', 'date and time'],
      },
      {
        key: 'mass_g',
        words: 'whole pot, g',
        reads: 'number',
        unit: 'g',
        isNeeded: true,
        also: ['weight', 'mass', 'g', 'value', 'whole pot'],
      },
      { key: 'words', words: 'words', reads: 'text', also: ['note', 'notes', 'remark'] },
    ],
  },
  {
    key: 'reports',
    words: 'laboratory reports, a sample a row',
    takesFurther: true,
    fields: [
      {
        key: 'sample',
        words: 'sample: the lot',
        reads: 'text',
        isNeeded: true,
        also: ['sample', 'lot', 'code', 'sample id', 'sample name', 'client reference', 'your reference', 'reference'],
      },
      {
        key: 'reported_on',
        words: 'reported on',
        reads: 'day',
        also: ['date', 'reported', 'day', 'date reported', 'report date', 'analysed'],
      },
      { key: 'extract', words: 'extract', reads: 'text', also: ['method', 'extraction'] },
    ],
  },
] as const satisfies readonly TableKind[]);
export type TableKindKey = (typeof TABLE_KINDS)[number]['key'];

export const tableKind = (key: TableKindKey): TableKind => TABLE_KINDS.find((one) => one.key === key) as TableKind;
