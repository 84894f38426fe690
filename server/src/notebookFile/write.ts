import { Readable } from 'node:stream';
import type { DataSource, EntityManager } from 'typeorm';
import { ZipFile } from 'yazl';
import packageJson from '../../package.json' with { type: 'json' };
import {
  countWithheld,
  levelOf,
  pictureBytes,
  pictureFile,
  picturesKept,
  rowsAsJson,
  writeAlike,
  type Pictures,
} from './exportRepository';
import { fileKinds, isPicture, type FileKind } from './kinds';
import { kindsOfPart, type Part } from './partRepository';
import { FORMAT, FORMAT_VERSION } from './schema';

export const NOTEBOOK_JSON = 'notebook.json';

async function headOf(
  manager: EntityManager,
  kinds: readonly FileKind[],
  now: Date,
  part: Part | undefined,
): Promise<object> {
  const hidden = await countWithheld(manager, kinds);
  return {
    format: FORMAT,
    version: FORMAT_VERSION,
    level: await levelOf(manager),
    program: packageJson.version,
    madeAt: now.toISOString(),
    ...(part === undefined ? {} : { part }),
    withheld: [
      'passwords and who is signed in',
      ...(hidden === 0 ? [] : [`${String(hidden)} rows of sheets that are not revealed yet`]),
    ],
  };
}

/** The text of a notebook's file, a part at a time: a row a line. */
async function* textOf(
  manager: EntityManager,
  kinds: readonly FileKind[],
  pictures: Pictures,
  { now, part }: Taken,
): AsyncGenerator<string> {
  const head = JSON.stringify(await headOf(manager, kinds, now, part), null, 1).replace(/\n\}$/, '');
  yield `${head},\n "kinds": {`;
  for (const [i, kind] of kinds.entries()) {
    yield `${i === 0 ? '' : ','}\n"${kind.name}": [`;
    let isFirst = true;
    for await (const rows of rowsAsJson(manager, kind, pictures)) {
      yield `${isFirst ? '' : ','}\n${rows.join(',\n')}`;
      isFirst = false;
    }
    yield ']';
  }
  yield '\n}}\n';
}

/** What is taken away, and when: the whole, or some things with all that they rest on. */
export interface Taken {
  readonly now: Date;
  readonly part?: Part;
}

/** Reads a notebook, or a part of it, as it is at one moment, for as long as `read` takes. */
async function atOneMoment<T>(
  db: DataSource,
  { part }: Taken,
  read: (manager: EntityManager, kinds: readonly FileKind[]) => Promise<T>,
): Promise<T> {
  return db.transaction('REPEATABLE READ', async (manager) => {
    await writeAlike(manager);
    const kinds = await fileKinds(manager);
    return read(manager, part === undefined ? kinds : await kindsOfPart(manager, kinds, part));
  });
}

/** Writes a notebook with `take`, which may let it wait. */
export async function writeNotebook(
  db: DataSource,
  taken: Taken,
  take: (text: string) => Promise<boolean>,
): Promise<void> {
  await atOneMoment(db, taken, async (manager, kinds) => {
    for await (const text of textOf(manager, kinds, 'inside', taken)) if (!(await take(text))) return;
  });
}

/** A notebook as a ZIP: its text, and each picture as a file, read when its turn comes. `pass` sends it on. */
export async function writeZip(
  db: DataSource,
  taken: Taken,
  pass: (zip: NodeJS.ReadableStream) => Promise<void>,
): Promise<void> {
  await atOneMoment(db, taken, async (manager, kinds) => {
    const zip = new ZipFile();
    zip.addReadStream(Readable.from(textOf(manager, kinds, 'beside', taken)), NOTEBOOK_JSON);
    for (const { name, only } of kinds.filter(({ told }) => told.some(isPicture)))
      for (const { id } of await picturesKept(manager, name, only))
        zip.addReadStreamLazy(pictureFile(name, id), { compress: false }, (done) => {
          pictureBytes(manager, name, id).then(
            (bytes) => {
              done(null, Readable.from([bytes]));
            },
            (error: unknown) => {
              done(error, Readable.from([]));
            },
          );
        });
    zip.end();
    await pass(zip.outputStream);
  });
}
