import { randomUUID } from 'node:crypto';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Gate } from '../http/gate';
import { refused } from '../http/problems';
import { runApart } from '../workers/runApart';
import type { SheetsOrder } from './order';

/** One workbook is written at a time; the next ones wait their turn. */
const gate = new Gate({ atOnce: 1, waiting: 20 });

/** Ends with this where a table is larger than a sheet. */
const TOO_LARGE = 3;

/** Writes tables as a workbook and hands its file on, which is gone afterwards. */
export function withWorkbook(order: Omit<SheetsOrder, 'file'>, use: (file: string) => Promise<void>): Promise<void> {
  const file = path.join(tmpdir(), `bent-pail-${randomUUID()}.xlsx`);
  return gate.through(async () => {
    try {
      const { code, said } = await runApart('writeSheets', { ...order, file });
      if (code === TOO_LARGE) throw refused('name', said);
      if (code !== 0) throw new Error(`no workbook was written: ${said}`);
      await use(file);
    } finally {
      await rm(file, { force: true });
    }
  });
}
