import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Figure } from './measure';

interface Chunk {
  readonly file: string;
  readonly imports?: readonly string[];
}

/** Script that the browser loads before Today can be used: the entry, Today's own part, and all that these import. */
export function pageFigures(dist: string): Figure[] {
  const manifest = JSON.parse(readFileSync(path.join(dist, '.vite/manifest.json'), 'utf8')) as Record<string, Chunk>;
  const files = new Set<string>();
  const add = (key: string): void => {
    const chunk = manifest[key];
    if (chunk === undefined || files.has(chunk.file)) return;
    files.add(chunk.file);
    chunk.imports?.forEach(add);
  };
  add('index.html');
  add('src/today/TodayPage.tsx');
  const bytes = [...files].reduce((sum, file) => sum + gzipSync(readFileSync(path.join(dist, file))).length, 0);
  return [{ what: 'script before first use, gzip', value: bytes / 1000, unit: 'kB', bar: 220 }];
}
