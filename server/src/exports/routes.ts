import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { TableAsked } from '@bent-pail/contract';
import { METRIC, type UnitChoice } from '@bent-pail/core';
import type { Response } from 'express';
import Papa from 'papaparse';
import { readIds } from '../http/body';
import { drained } from '../http/drained';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { notFound } from '../http/problems';
import type { Server } from '../resource';
import { inUnits } from './inUnits';
import { withWorkbook } from './sheets';
import type { Row, Table, Wanted } from './table';

/** Text that a spreadsheet would take for a formula, whatever stands before it or in the lines after: made harmless. */
const FORMULA = /^\s*[=+\-@\t\r]|^[\t\r\n]/;

/** Without this mark in front spreadsheets take the file for one without accents. */
const UTF8 = '\uFEFF';

/** All tables in one workbook, a sheet each. */
const ALL = 'tables';
const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** What a table is asked for, by ids. */
const wantedOf = ({ units: _units, ...asked }: TableAsked): Wanted =>
  Object.fromEntries(Object.entries(asked).map(([kind, ids]) => [kind, readIds(ids)]));

/** Writes what comes as it comes; a reader who is slow is waited for. */
async function send(
  response: Response,
  { name, columns: headings }: Table,
  rows: AsyncIterable<readonly Row[]>,
  units: UnitChoice,
): Promise<void> {
  const columns = [...headings];
  const parts = rows[Symbol.asyncIterator]();
  const csv = (rows: readonly Row[], header: boolean): string =>
    Papa.unparse(
      rows.map((row) => inUnits(row, units)),
      { columns, header, escapeFormulae: FORMULA, newline: '\r\n' },
    );
  const first = await parts.next();
  response.setHeader('Content-Disposition', `attachment; filename="bent-pail-${name}.csv"`);
  response.type('text/csv');
  response.write(`${UTF8}${Papa.unparse([columns], { newline: '\r\n' })}`);
  for (let part = first; part.done !== true; part = await parts.next()) {
    if (response.destroyed) return;
    if (part.value.length === 0) continue;
    if (!response.write(`\r\n${csv(part.value, false)}`)) await drained(response);
  }
  response.end();
}

/** Tidy tables for spreadsheets, as CSV or as a workbook: readings, results, cards, diaries; of all, of one run, lot or pot, in the units of who asks. */
export const exportRoutes = (server: Server): Route[] => [
  defineRoute({
    method: 'get',
    address: '/exports/:name',
    guard: READS,
    query: TableAsked,
    respond: async ({ who, params, query }, response) => {
      const [, asked = '', ending = 'csv'] = /^(.*?)(?:\.(csv|xlsx))?$/.exec(params.name) ?? [];
      const tables = asked === ALL ? server.tables : server.tables.filter(({ name }) => name === asked);
      const [table] = tables;
      if (table === undefined || (asked === ALL && ending !== 'xlsx')) throw notFound('table');
      const wanted = wantedOf(query);
      if (wanted.lot !== undefined) await server.cards.follow(wanted.lot);
      const units = query.units === 'metric' ? METRIC : who.units;
      if (ending === 'csv') {
        await send(response, table, table.rows(server, wanted), units);
        return;
      }
      const names = tables.map(({ name }) => name);
      await withWorkbook({ databaseUrl: server.databaseUrl, names, wanted, units }, async (file) => {
        response.setHeader('Content-Disposition', `attachment; filename="bent-pail-${asked}.xlsx"`);
        response.type(XLSX);
        await pipeline(createReadStream(file), response);
      });
    },
  }),
];
