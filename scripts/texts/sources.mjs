// The files that say something to somebody.
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from '../root.mjs';

const FOLDERS = ['web/src', 'core/src', 'contract/src', 'server/src'];
/** Of the demo only what is said in a language; the rest finds its files. */
const ALONE = ['demo/src/tagWords.ts'];
/** What nobody reads: tests and their cases, steps of the database, the page of parts for those who build. */
const SILENT =
  /\/(testing|fixtures|migrations)\/|\.test\.tsx?$|\.d\.ts$|[rR]epository\.ts$|\/(paging|demoPeople|entities|tables)\.ts$|\/kit\/(page\/|ink)/;

/** Words by which typed ones are read, not what is said: another language has a list of its own. */
const READ_BY =
  /^core\/src\/(names\/(wordsOf|slips|grainSize)|laboratory\/forms|recipes\/(units|slippedUnits)|units\/(unitTable|choice))/;

/** Whether a file, by its path in the project, says something. */
export const isSource = (file) =>
  ALONE.includes(file) ||
  FOLDERS.some((folder) => file.startsWith(`${folder}/`)) &&
  /\.(tsx?|json)$/.test(file) &&
  !SILENT.test(file) &&
  !READ_BY.test(file);

/** Every such file, in order. */
export const sources = () => [
  ...FOLDERS.flatMap((folder) =>
    fs
      .readdirSync(path.join(ROOT, folder), { recursive: true })
      .map((name) => path.join(folder, name))
      .filter(isSource)
      .sort(),
  ),
  ...ALONE,
];
