/**
 * A table out of a spreadsheet's file, as a process of its own: CSV by whatever separates it, or the first sheet of a
 * workbook. Its order comes as JSON on its standard input; what was read is written to a file.
 */
import { readFile, writeFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { headingRow, mappingOf, readTable, seenText, tableKind, type ReadRow } from '@bent-pail/core';
import Papa from 'papaparse';
import { readSheet } from 'read-excel-file/node';
import type { TableOrder, TableRead } from '../tableFiles/order';
import { requireModest } from '../tableFiles/modest';
import { offsetIn } from '../tableFiles/offsetIn';

/** A sheet of more is no bench's. */
const MOST = { rows: 200_000, columns: 200 };
const SAMPLE = 5;

/** A file of an older spreadsheet is not UTF-8. */
function decoded(bytes: Buffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** A cell of a workbook as it would be typed: its days are of no zone. */
function typed(cell: unknown): string {
  if (cell instanceof Date) return cell.toISOString().slice(0, 19).replace('T', ' ').replace(' 00:00:00', '');
  if (typeof cell === 'string') return cell;
  return typeof cell === 'number' || typeof cell === 'boolean' ? String(cell) : '';
}

async function rowsOf(file: string): Promise<readonly (readonly string[])[]> {
  const bytes = await readFile(file);
  if (bytes.length > 4 && bytes.readUInt32LE(0) === 0x04034b50) {
    await requireModest(bytes);
    return (await readSheet(bytes)).map((row) => row.map(typed));
  }
  return Papa.parse<string[]>(decoded(bytes).replace(/^\uFEFF/, '')).data;
}

const order = JSON.parse(await text(process.stdin)) as TableOrder;
const kind = tableKind(order.kind);
const rows = (await rowsOf(order.from)).slice(0, MOST.rows).map((row) => row.slice(0, MOST.columns).map(seenText));
const headings = headingRow(kind, rows);
const names = (rows[headings] ?? []).map((one) => one.trim());
const known = order.known.find(({ headings: of }) => of === names.join('\n'))?.mapping;
const mapping = order.mapping ?? known ?? mappingOf(kind, names);
const { read, refused } = readTable(kind, rows, { headings, mapping, offsetAt: offsetIn(order.zone) });
/** Lots are held to the rules of their form and get their classes: much to load, for what no other table needs. */
async function asLots(rows: readonly ReadRow[]): Promise<Pick<TableRead, 'read' | 'refused' | 'named'>> {
  const [{ heldToRules }, { withClasses }] = await Promise.all([
    import('../tableFiles/lotRules'),
    import('../tableFiles/lotClasses'),
  ]);
  const held = heldToRules(rows, kind.fields);
  const classed = withClasses(held.read, kind.fields.find(({ key }) => key === 'class')?.words ?? '');
  return { ...classed, refused: [...held.refused, ...classed.refused] };
}

const told = order.kind === 'lots' ? await asLots(read) : { read, refused: [], named: [] };
const table: TableRead = {
  headings: names,
  mapping,
  sample: rows.slice(headings + 1, headings + 1 + SAMPLE),
  ...told,
  refused: [...refused, ...told.refused],
};
await writeFile(order.to, JSON.stringify(table));
