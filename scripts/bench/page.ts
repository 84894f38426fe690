import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Figure } from './measure';

interface Chunk {
  readonly file: string;
  readonly isDynamicEntry?: boolean;
  readonly imports?: readonly string[];
}

/** Pages that reckon with the network away: a sheet checks and reduces what it takes, the desk predicts at every key. */
const RECKONS = /\/(RunPage|RoundPage|BlendDeskPage)\.tsx$/;

/** What a page loads beyond the first script, and the heaviest among pages that are asked of. */
const heaviest = (sizes: ReadonlyMap<string, number>, isIt: (page: string) => boolean): number =>
  Math.max(...[...sizes].filter(([page]) => isIt(page)).map(([, bytes]) => bytes)) / 1000;

/** Script that a browser loads: before Today can be used, and with each page beyond that, own and shared, gzip. */
export function pageFigures(dist: string): Figure[] {
  const manifest = JSON.parse(readFileSync(path.join(dist, '.vite/manifest.json'), 'utf8')) as Record<string, Chunk>;
  const filesOf = (...keys: readonly string[]): Set<string> => {
    const files = new Set<string>();
    const add = (key: string): void => {
      const chunk = manifest[key];
      if (chunk === undefined || files.has(chunk.file)) return;
      files.add(chunk.file);
      chunk.imports?.forEach(add);
    };
    keys.forEach(add);
    return files;
  };
  const bytesOf = (files: Iterable<string>): number =>
    [...files].reduce((sum, file) => sum + gzipSync(readFileSync(path.join(dist, file))).length, 0);
  const first = filesOf('index.html');
  const pages = Object.keys(manifest).filter(
    (key) => manifest[key]?.isDynamicEntry === true && key.endsWith('Page.tsx'),
  );
  const beyond = new Map(pages.map((page) => [page, bytesOf([...filesOf(page)].filter((file) => !first.has(file)))]));
  const own = new Map(pages.map((page) => [page, bytesOf([manifest[page]?.file ?? ''])]));
  const today = bytesOf(filesOf('index.html', 'src/today/TodayPage.tsx'));
  return [
    { what: 'first script, gzip', value: bytesOf(first) / 1000, unit: 'kB', bar: 200 },
    { what: 'script before first use, gzip', value: today / 1000, unit: 'kB', bar: 220 },
    { what: 'heaviest own script of a page', value: heaviest(own, () => true), unit: 'kB', bar: 90 },
    {
      what: 'heaviest page beyond the first script, with all it shares',
      value: heaviest(beyond, (page) => !RECKONS.test(page)),
      unit: 'kB',
      bar: 90,
    },
    {
      what: 'the same, of pages that reckon offline',
      value: heaviest(beyond, (page) => RECKONS.test(page)),
      unit: 'kB',
      bar: 150,
    },
  ];
}
