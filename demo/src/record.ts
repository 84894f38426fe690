import { randomUUID } from 'node:crypto';
import { rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { EditLot, LotsAsked, NewSavedView } from '@bent-pail/contract';
import { inTheNameOf } from '@bent-pail/server/database/author';
import { readBody } from '@bent-pail/server/http/body';
import { keepView } from '@bent-pail/server/savedViews/service';
import { editLot, listLots } from '@bent-pail/server/shelf/service';
import { takeTable } from '@bent-pail/server/tableFiles/service';
import { v7 as uuidv7 } from 'uuid';
import type { RecordFile } from './files';
import { daysBefore, named, type Happening, type Loading } from './loading';

type Table = RecordFile['tables'][number];

/** Takes a table in as somebody who named its columns, whole or not at all. */
async function takeIn({ context, people }: Loading, { by, kind, mapping, lines }: Table): Promise<void> {
  const file = path.join(tmpdir(), `bent-pail-demo-${randomUUID()}.csv`);
  await writeFile(file, lines.join('\r\n'));
  try {
    const said = { kind, mapping, others: 'theirs' as const, chosen: [] };
    const report = await takeTable(context, named(people, by, 'person'), { id: uuidv7(), file, kind, mapping }, said);
    if (!report.isDone)
      throw new Error(`A table of the demo is not taken: ${report.refusals.map(({ why }) => why).join(' ')}`);
  } finally {
    await rm(file, { force: true });
  }
}

/** Changes a lot by its code, in somebody's name, whoever put it on the shelf. */
async function change(
  { context, clock, people }: Loading,
  { by, lot: code }: { readonly by: string; readonly lot: string },
  said: object,
): Promise<void> {
  const author = { id: named(people, by, 'person').id, at: new Date(clock.now()).toISOString() };
  const { rows } = await listLots(context, Object.assign(new LotsAsked(), { find: code }));
  const lot = rows.find((one) => one.code === code);
  if (lot === undefined) throw new Error(`The demo files speak of the lot "${code}", which is in none of them.`);
  const body = readBody(EditLot, { version: lot.version, ...said });
  await inTheNameOf(author, () => editLot(context, lot.id, body));
}

/** What came in from a spreadsheet, what was put right and put away, and lists that were kept under a name. */
export function recordHappenings(loading: Loading): Happening[] {
  const { context, files, people } = loading;
  const { tables, edits, away, views } = files.record;
  return [
    ...tables.map((table): Happening => ({
      at: daysBefore(loading, table.daysAgo, table.at),
      happen: () => takeIn(loading, table),
    })),
    ...edits.map((edit): Happening => ({
      at: daysBefore(loading, edit.daysAgo, edit.at),
      happen: () => change(loading, edit, edit.change),
    })),
    ...away.map((one): Happening => ({
      at: daysBefore(loading, one.daysAgo, one.at),
      happen: () => change(loading, one, { archived: true }),
    })),
    ...views.map(({ by, daysAgo, at, page, name, query }): Happening => ({
      at: daysBefore(loading, daysAgo, at),
      happen: async () => {
        const body = readBody(NewSavedView, { id: uuidv7(), page, name, query });
        await keepView(context, named(people, by, 'person'), body);
      },
    })),
  ];
}
