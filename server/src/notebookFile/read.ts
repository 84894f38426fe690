import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { seenTexts } from '@bent-pail/core';
import { JSONParser, TokenizerError, TokenParserError } from '@streamparser/json';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { requireShallow } from '../http/plainBody';
import { refused } from '../http/problems';
import { FORMAT, FORMAT_VERSION } from './schema';
import { NOTEBOOK_JSON } from './write';

/** A row as it stands in a file: of which kind, and in which place of its list, from 1. */
export interface FileRow {
  readonly kind: string;
  readonly row: number;
  readonly value: unknown;
}

/** A notebook's file, open: its rows, and its pictures by name where it is a ZIP. */
export interface OpenFile {
  readonly rows: () => AsyncGenerator<readonly FileRow[]>;
  readonly picture: (name: string) => Promise<Buffer | undefined>;
  readonly close: () => void;
}

const NO_NOTEBOOK = 'This is no notebook of Bent Pail: take a file that was written by “Take it away”.';
const noNotebook = (): Error => refused('file', NO_NOTEBOOK);

/** A row that is larger was never written; what has no end must not fill the memory. */
const ROW_BYTES = 32_000_000;

/** Nor did anybody keep so many brackets inside each other. */
const DEEPEST_ROW = 200;

/** Larger pictures were never kept. */
const PICTURE_BYTES = 3_000_000;

/** What a file says of itself must hold before any row of it is looked at. */
function requireHead(head: ReadonlyMap<string, unknown>, levels: readonly string[]): void {
  if (head.get('format') !== FORMAT) throw noNotebook();
  const level = head.get('level');
  if (head.get('version') !== FORMAT_VERSION || typeof level !== 'string' || !levels.includes(level))
    throw refused('file', 'This file was written by a newer Bent Pail, or by none; bring this one up to date first.');
}

/** What is said of bytes that are no UTF-8. */
const isNoText = (error: unknown): boolean =>
  error instanceof TypeError && 'code' in error && error.code === 'ERR_ENCODING_INVALID_ENCODED_DATA';

/** Rows of a stream of JSON, as they come; whatever its lines and spaces. */
async function* rowsOf(text: Readable, levels: readonly string[]): AsyncGenerator<readonly FileRow[]> {
  const parser = new JSONParser({
    paths: ['$.format', '$.version', '$.level', '$.kinds.*', '$.kinds.*.*'],
    keepStack: false,
  });
  const head = new Map<string, unknown>();
  let found: FileRow[] = [];
  const seen = { rows: false };
  parser.onValue = ({ value, key, stack, parent }) => {
    if (stack.length === 1 && typeof key === 'string') head.set(key, value);
    else if (stack.length === 2) {
      if (!Array.isArray(value)) throw refused(String(key), 'The rows of a kind are a list.');
    } else if (stack.length === 3) {
      if (!seen.rows) requireHead(head, levels);
      seen.rows = true;
      const kind = String(stack[2]?.key);
      if (!Array.isArray(parent) || typeof key !== 'number') throw refused(kind, 'The rows of a kind are a list.');
      requireShallow(value, DEEPEST_ROW, kind);
      found.push({ kind, row: key + 1, value: seenTexts(value) });
      // The list keeps no rows: a file may be larger than memory.
      parent[key] = null;
    }
  };
  try {
    let since = 0;
    for await (const part of text) {
      parser.write(part as Buffer);
      since += (part as Buffer).length;
      if (found.length === 0 && since > ROW_BYTES)
        throw refused('file', 'A row of this file is larger than any that is kept.');
      if (found.length > 0) {
        since = 0;
        yield found;
        found = [];
      }
    }
    if (!parser.isEnded) throw noNotebook();
  } catch (error) {
    if (error instanceof TokenizerError || error instanceof TokenParserError || isNoText(error)) throw noNotebook();
    throw error;
  }
  if (!seen.rows) requireHead(head, levels);
}

const plain = (file: string, levels: readonly string[]): OpenFile => ({
  rows: () => rowsOf(createReadStream(file), levels),
  picture: () => Promise.resolve(undefined),
  close: () => undefined,
});

async function entriesOf(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const entries = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
  return entries;
}

async function zipped(file: string, levels: readonly string[]): Promise<OpenFile> {
  const zip = await openPromise(file, { lazyEntries: true, autoClose: false }).catch(() => undefined);
  const entries = zip && (await entriesOf(zip).catch(() => undefined));
  const text = entries?.get(NOTEBOOK_JSON);
  if (zip === undefined || entries === undefined || text === undefined) {
    zip?.close();
    throw noNotebook();
  }
  return {
    rows: async function* () {
      yield* rowsOf(await zip.openReadStreamPromise(text), levels);
    },
    picture: async (name) => {
      const entry = entries.get(name);
      if (entry === undefined || entry.uncompressedSize > PICTURE_BYTES) return undefined;
      const parts: Buffer[] = [];
      for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
      return Buffer.concat(parts);
    },
    close: () => {
      zip.close();
    },
  };
}

/** Opens a notebook's file: JSON, or a ZIP of it with its pictures. */
export async function openFile(file: string, levels: readonly string[]): Promise<OpenFile> {
  const handle = await open(file);
  const { buffer } = await handle.read(Buffer.alloc(4), 0, 4, 0);
  await handle.close();
  if (buffer.readUInt32LE(0) !== 0x04034b50) return plain(file, levels);
  return zipped(file, levels);
}
