import type { TableReport } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import type { Client } from './testServer';

export type Report = TableReport & { readonly error?: { readonly message: string } };

/** Sends a table to be looked at as one of a kind. */
export const lookAtTable = async (by: Client, kind: string, file: Buffer | string, id = uuidv7()) =>
  (await by.sendBytes(`/table-files/incoming/${id}?kind=${kind}`, file, 'application/octet-stream')) as {
    status: number;
    body: Report;
  };

/** Takes in what was looked at, as its columns were guessed. */
export const takeTableIn = (by: Client, report: Report, more: object = {}) =>
  by.post<Report>(`/table-files/incoming/${report.id}`, {
    kind: report.table,
    mapping: report.mapping,
    others: 'theirs',
    chosen: [],
    ...more,
  });

/** How many rows of a kind it would add, or added. */
export const added = (report: Report, kind: string): number =>
  report.kinds.find((one) => one.kind === kind)?.added ?? 0;
