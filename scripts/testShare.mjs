// How much of the code is tests: lines with something on them, of TypeScript.
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from './build.mjs';

/** Less leaves things unproved, more is a second product to keep. */
export const SHARE = { least: 24, most: 34 };

const WORKSPACES = ['core', 'contract', 'server', 'web', 'demo', 'e2e', 'scripts'];
const isTest = (file) => /\.(test|spec)\.tsx?$/.test(file) || /(^|\/)(testing|e2e\/src)\//.test(file);

function* files(folder) {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) {
      if (!['node_modules', 'dist', 'formerReleases'].includes(entry.name)) yield* files(at);
    } else if (/\.tsx?$/.test(entry.name)) yield at;
  }
}

/** Tests' share of the lines, percent. */
export function testShare() {
  let [tests, all] = [0, 0];
  for (const workspace of WORKSPACES)
    for (const file of files(path.join(ROOT, workspace))) {
      const lines = fs
        .readFileSync(file, 'utf8')
        .split('\n')
        .filter((line) => line.trim() !== '').length;
      all += lines;
      if (isTest(path.relative(ROOT, file))) tests += lines;
    }
  return (100 * tests) / all;
}
