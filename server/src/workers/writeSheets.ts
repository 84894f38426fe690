/**
 * Tables as one workbook, a sheet each, as a process of its own: it may take memory and time that the server has not.
 * Its order comes as JSON on its standard input; refusals go to standard error as a sentence.
 */
import { text } from 'node:stream/consumers';
import writeXlsxFile, { type SheetData } from 'write-excel-file/node';
import { createDataSource } from '../database/dataSource';
import { inUnits } from '../exports/inUnits';
import type { SheetsOrder } from '../exports/order';
import type { Row } from '../exports/table';
import { TABLES } from '../together';

/** Rows that a sheet can hold, its heading among them. */
const MOST_ROWS = 1_048_576;
/** The longest text that a cell can hold. */
const MOST_LETTERS = 32_767;

const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/;

type Cell = NonNullable<SheetData[number]>[number];

function cellOf(value: Row[string]): Cell {
  if (value === null || value === undefined) return null;
  if (typeof value === 'number') return { value, type: Number };
  if (MOMENT.test(value)) return { value: new Date(value), type: Date, format: 'yyyy-mm-dd hh:mm:ss' };
  return { value: value.slice(0, MOST_LETTERS), type: String };
}

const { databaseUrl, names, wanted, units, file } = JSON.parse(await text(process.stdin)) as SheetsOrder;
const db = await createDataSource(databaseUrl).initialize();
try {
  const sheets = [];
  for (const { name, columns, rows } of TABLES.filter((one) => names.includes(one.name))) {
    const data: SheetData = [columns.map((value) => ({ value, type: String, fontWeight: 'bold' as const }))];
    for await (const part of rows({ db }, wanted))
      for (const row of part) {
        const told = inUnits(row, units);
        data.push(columns.map((column) => cellOf(told[column])));
      }
    if (data.length > MOST_ROWS) {
      process.stderr.write(`The table ${name} has more rows than a sheet can hold; take it as CSV.`);
      process.exit(3);
    }
    sheets.push({ sheet: name, data, stickyRowsCount: 1 });
  }
  await writeXlsxFile(sheets).toFile(file);
} finally {
  await db.destroy();
}
