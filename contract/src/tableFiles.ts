import { TABLE_KINDS, type TableKindKey } from '@bent-pail/core';
import { IsIn, IsObject, ValidateBy } from 'class-validator';
import { TakeInFile, type FileReport } from './notebookFiles';

const KIND_KEYS = TABLE_KINDS.map(({ key }) => key);
const MOST_COLUMNS = 200;

const isMapping = (value: unknown): boolean =>
  typeof value === 'object' &&
  value !== null &&
  Object.values(value).every((one) => Number.isInteger(one) && (one as number) >= 0 && (one as number) < MOST_COLUMNS);

export class LookAtTable {
  @IsIn(KIND_KEYS, { message: `A table is of one of ${KIND_KEYS.join(', ')}.` })
  kind!: TableKindKey;
}

/** A table that waits, to be looked at by another mapping. */
export class MapTable extends LookAtTable {
  /** Which column, from 0, is which field. */
  @IsObject({ message: 'Say which column is which field.' })
  @ValidateBy(
    { name: 'isMapping', validator: { validate: isMapping } },
    { message: 'Name the columns by their numbers.' },
  )
  mapping!: Record<string, number>;
}

/** What is to be done with a table that was looked at. */
export class TakeInTable extends TakeInFile {
  @IsIn(KIND_KEYS, { message: `A table is of one of ${KIND_KEYS.join(', ')}.` })
  kind!: TableKindKey;

  @IsObject({ message: 'Say which column is which field.' })
  @ValidateBy(
    { name: 'isMapping', validator: { validate: isMapping } },
    { message: 'Name the columns by their numbers.' },
  )
  mapping!: Record<string, number>;
}

/** A table as it was read, and what it would change or has changed. Rows are those of the table, from 1. */
export interface TableReport extends FileReport {
  readonly table: TableKindKey;
  readonly headings: readonly string[];
  readonly mapping: Readonly<Record<string, number>>;
  readonly sample: readonly (readonly string[])[];
  /** Materials that would be new, and what each is taken for; where no class is sure, what has to be asked. */
  readonly named: readonly { readonly name: string; readonly classId?: string; readonly question?: string }[];
}
