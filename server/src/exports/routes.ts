import { once } from 'node:events';
import type { Response } from 'express';
import Papa from 'papaparse';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { notFound } from '../http/problems';
import { cardsToTell, resultsToTell, runsToTell, type Wanted } from './repository';
import { cardRow, COLUMNS, readingRows, resultRow, type Row, type Table } from './tables';

const isTable = (name: string): name is Table => Object.hasOwn(COLUMNS, name);

async function* rowsOf({ db }: Context, table: Table, wanted: Wanted): AsyncGenerator<readonly Row[]> {
  if (table === 'cards') for await (const rows of cardsToTell(db.manager, wanted)) yield rows.map(cardRow);
  else if (table === 'results') for await (const rows of resultsToTell(db.manager, wanted)) yield rows.map(resultRow);
  else for await (const runs of runsToTell(db.manager, wanted)) yield readingRows(runs);
}

/** Text that a spreadsheet would take for a formula, whatever stands before it or in the lines after: made harmless. */
const FORMULA = /^\s*[=+\-@\t\r]|^[\t\r\n]/;

const asUuid = (value: unknown): string | undefined =>
  typeof value === 'string' && /^[0-9a-f-]{36}$/i.test(value) ? value : undefined;

/** Writes what comes as it comes; a reader who is slow is waited for. */
async function send(response: Response, table: Table, parts: AsyncGenerator<readonly Row[]>): Promise<void> {
  const columns = [...COLUMNS[table]];
  const csv = (rows: readonly Row[], header: boolean): string =>
    Papa.unparse([...rows], { columns, header, escapeFormulae: FORMULA, newline: '\r\n' });
  const first = await parts.next();
  response.setHeader('Content-Disposition', `attachment; filename="bent-pail-${table}.csv"`);
  response.type('text/csv');
  response.write(Papa.unparse([columns], { newline: '\r\n' }));
  for (let part = first; part.done !== true; part = await parts.next()) {
    if (response.destroyed) return;
    if (part.value.length === 0) continue;
    if (!response.write(`\r\n${csv(part.value, false)}`))
      await Promise.race([once(response, 'drain'), once(response, 'close')]);
  }
  response.end();
}

/** Tidy tables for spreadsheets: readings, results, cards; of all, of one run or of one lot. */
export const exportRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/exports/:name',
    guard: READS,
    respond: async ({ params, request }, response) => {
      const table = params.name.replace(/\.csv$/, '');
      if (!isTable(table)) throw notFound('table');
      const wanted = { run: asUuid(request.query.run), lot: asUuid(request.query.lot) };
      if (wanted.lot !== undefined) await context.cards.follow([wanted.lot]);
      await send(response, table, rowsOf(context, table, wanted));
    },
  }),
];
