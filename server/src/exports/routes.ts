import Papa from 'papaparse';
import { loadSheets } from '../bench/records';
import type { Context } from '../context';
import { RunEntity } from '../database/entities';
import { param, type Api } from '../http/api';
import { READS } from '../http/guard';
import { notFound } from '../http/problems';
import { loadLots } from '../shelf/lotCards';
import { cardRows, readingRows, resultRows, type Row } from './tables';

const TABLES = ['readings', 'results', 'cards'] as const;
type Table = (typeof TABLES)[number];

const isTable = (name: string): name is Table => TABLES.some((table) => table === name);

interface Wanted {
  readonly run: string | undefined;
  readonly lot: string | undefined;
}

async function rowsOf({ db }: Context, table: Table, { run, lot }: Wanted): Promise<Row[]> {
  if (table === 'cards') return cardRows(await loadLots(db.manager, lot === undefined ? undefined : [lot]));
  const where = { ...(run === undefined ? {} : { id: run }), ...(lot === undefined ? {} : { lotId: lot }) };
  const runs = await db.manager.find(RunEntity, { where, order: { number: 'asc' } });
  const sheets = await loadSheets(db.manager, runs);
  return table === 'readings' ? readingRows(sheets) : resultRows(sheets);
}

/** Text that a spreadsheet would take for a formula, whatever stands before it or in the lines after: made harmless. */
const FORMULA = /^\s*[=+\-@\t\r]|^[\t\r\n]/;

const asUuid = (value: unknown): string | undefined =>
  typeof value === 'string' && /^[0-9a-f-]{36}$/i.test(value) ? value : undefined;

/** Tidy tables for spreadsheets: readings, results, cards; of all, of one run or of one lot. */
export function exportRoutes(api: Api, context: Context): void {
  api.route('get', '/exports/:name', READS, async (request, response) => {
    const table = param(request, 'name').replace(/\.csv$/, '');
    if (!isTable(table)) throw notFound('table');
    const wanted = { run: asUuid(request.query.run), lot: asUuid(request.query.lot) };
    const rows = await rowsOf(context, table, wanted);
    const csv = Papa.unparse([...rows], { escapeFormulae: FORMULA, newline: '\r\n' });
    response.setHeader('Content-Disposition', `attachment; filename="bent-pail-${table}.csv"`);
    response.type('text/csv').send(csv);
  });
}
