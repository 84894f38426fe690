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
import { FORMAT, FORMAT_VERSION } from './schema';

export const NOTEBOOK_JSON = 'notebook.json';

async function headOf(manager: EntityManager, kinds: readonly FileKind[], now: Date): Promise<object> {
  const hidden = await countWithheld(manager, kinds);
  return {
    format: FORMAT,
    version: FORMAT_VERSION,
    level: await levelOf(manager),
    program: packageJson.version,
    madeAt: now.toISOString(),
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
  now: Date,
): AsyncGenerator<string> {
  const head = JSON.stringify(await headOf(manager, kinds, now), null, 1).replace(/\n\}$/, '');
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

/** Reads a notebook as it is at one moment, for as long as `read` takes. */
async function atOneMoment<T>(db: DataSource, read: (manager: EntityManager) => Promise<T>): Promise<T> {
  return db.transaction('REPEATABLE READ', async (manager) => {
    await writeAlike(manager);
    return read(manager);
  });
}

/** Writes a notebook with `take`, which may let it wait. */
export async function writeNotebook(
  db: DataSource,
  now: Date,
  take: (part: string) => Promise<boolean>,
): Promise<void> {
  await atOneMoment(db, async (manager) => {
    const kinds = await fileKinds(manager);
    for await (const part of textOf(manager, kinds, 'inside', now)) if (!(await take(part))) return;
  });
}

/** A notebook as a ZIP: its text, and each picture as a file, read when its turn comes. `pass` sends it on. */
export async function writeZip(
  db: DataSource,
  now: Date,
  pass: (zip: NodeJS.ReadableStream) => Promise<void>,
): Promise<void> {
  await atOneMoment(db, async (manager) => {
    const kinds = await fileKinds(manager);
    const zip = new ZipFile();
    zip.addReadStream(Readable.from(textOf(manager, kinds, 'beside', now)), NOTEBOOK_JSON);
    for (const { name } of kinds.filter(({ told }) => told.some(isPicture)))
      for (const { id } of await picturesKept(manager, name))
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
