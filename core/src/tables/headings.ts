import type { TableField, TableKind } from './tableKinds';

/** Which column, from 0, holds each field; a field that is not in it has no column. */
export type TableMapping = Readonly<Record<string, number>>;

/** Headings stand among the first rows: above them may be a title. */
const LOOKED_AT = 12;

/** Whatever stands further on in a cell is no heading. */
const LONGEST = 200;

/** A heading without its case, marks and what stands in brackets. */
const plain = (heading: string): string =>
  heading
    .slice(0, LONGEST)
    .toLowerCase()
    .replaceAll(/\([^()]*\)|\[[^[\]]*\]/g, ' ')
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** How well a heading is that of a field: wholly, or by a word of it. */
function fits({ key, words, also }: TableField, heading: string): number {
  const said = plain(heading);
  if (said === '') return 0;
  const names = [key, words, ...also].map(plain);
  if (names.includes(said)) return 2;
  return names.some((name) => name.length > 2 && (said.startsWith(`${name} `) || said.endsWith(` ${name}`))) ? 1 : 0;
}

/** Which column is what, by its headings: each column and each field once, those that fit wholly first. */
export function mappingOf({ fields }: TableKind, headings: readonly string[]): TableMapping {
  const mapping: Record<string, number> = {};
  const taken = new Set<number>();
  for (const level of [2, 1])
    for (const field of fields) {
      if (field.key in mapping) continue;
      const column = headings.findIndex((heading, i) => !taken.has(i) && fits(field, heading) === level);
      if (column === -1) continue;
      mapping[field.key] = column;
      taken.add(column);
    }
  return mapping;
}

/** The row, from 0, that holds the headings: the one of the first few in which most fields are found. */
export function headingRow(kind: TableKind, rows: readonly (readonly string[])[]): number {
  const found = rows.slice(0, LOOKED_AT).map((row) => Object.keys(mappingOf(kind, row)).length);
  return Math.max(0, found.indexOf(Math.max(...found)));
}
