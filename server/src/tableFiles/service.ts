import { randomUUID } from 'node:crypto';
import { readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { FileRefusal, FileReport, Me, TableReport, TakeInTable } from '@bent-pail/contract';
import type { TableKindKey, TableMapping } from '@bent-pail/core';
import type { Context } from '../context';
import { Gate } from '../http/gate';
import { refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { mergeRows } from '../notebookFile/merge';
import { runApart } from '../workers/runApart';
import type { TableOrder, TableRead } from './order';
import { keepMapping, mappingsOf } from './repository';
import { TRANSLATE } from './translate';

/** One table is read at a time; the next ones wait their turn. */
const gate = new Gate({ atOnce: 1, waiting: 20 });

/** So many refusals are told of one by one. */
const MOST_TOLD = 500;

/** Reads a file in a process of its own; refused where it is no table. */
function readApart(order: Omit<TableOrder, 'to'>): Promise<TableRead> {
  const to = path.join(tmpdir(), `bent-pail-table-${randomUUID()}.json`);
  return gate.through(async () => {
    try {
      const { code } = await runApart('readTable', { ...order, to });
      if (code === null)
        throw refused(
          'file',
          'This table takes too long to read. Part it into smaller ones, or look for cells that hold very much.',
        );
      if (code !== 0) throw refused('file', 'This is no table that can be read: take a CSV or an XLSX.');
      return JSON.parse(await readFile(to, 'utf8')) as TableRead;
    } finally {
      await rm(to, { force: true });
    }
  });
}

interface Asked {
  readonly id: string;
  readonly file: string;
  readonly kind: TableKindKey;
  readonly mapping?: TableMapping;
}

/** Looks at a table, or takes it in where it is said what is to be done; all of it or nothing. */
export async function takeTable(
  context: Context,
  who: Me,
  { id, file, kind, mapping }: Asked,
  choices?: TakeInTable,
): Promise<TableReport> {
  const { db, clock } = context;
  const { zone } = await notebookRow(db.manager);
  const known = await mappingsOf(db.manager, kind);
  const table = await readApart({ from: file, kind, zone, known, ...(mapping === undefined ? {} : { mapping }) });
  const now = new Date(clock.now());
  const unread = table.refused.map((one): FileRefusal => ({ kind, ...one }));
  let fresh: ReadonlySet<unknown> = new Set();
  const report = await mergeRows(db, choices, async (manager) => {
    const { rows, refusals } = await TRANSLATE[kind](manager, table.read, { userId: who.id, now });
    fresh = new Set(rows.flatMap((one) => (one.kind === 'materials' ? [(one.value as { name: string }).name] : [])));
    return { rows, refusals: [...unread, ...refusals] };
  });
  if (report.isDone) {
    const headings = table.headings.join('\n');
    await keepMapping(db.manager, { kind, headings, mapping: table.mapping, byUser: who.id, now });
    await context.cards.start();
  }
  const { headings, mapping: used, sample, named } = table;
  const newNames = named.filter(({ name }) => fresh.has(name)).slice(0, MOST_TOLD);
  return { id, table: kind, ...told(report), headings, mapping: used, sample, named: newNames };
}

/** Refusals in the order of the table, and not more than can be read. */
const told = (report: Omit<FileReport, 'id'>): Omit<FileReport, 'id'> => ({
  ...report,
  refusals: [...report.refusals].sort((a, b) => a.row - b.row).slice(0, MOST_TOLD),
});
