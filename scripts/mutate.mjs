// Breaks formulas of the core one after the other, at least one of each method: `npm run mutate`. The suite must fail
// each time without the golden numbers, which would notice any change and know nothing of what is right.
// `npm run mutate -- drainage bands` breaks those of some methods only.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { register } from 'tsx/esm/api';
import { ROOT } from './build.mjs';
import { MUTATIONS } from './mutations.mjs';

const CORE = path.join(ROOT, 'core/src');
const GOLDEN = 'core/src/method/method.test.ts';

/** What the core's suite printed if it fails; with a file, only of the tests that reach it. */
function suiteFailure(file) {
  const vitest = path.join(ROOT, 'node_modules/vitest/vitest.mjs');
  const which = file === undefined ? ['run'] : ['related', file, '--run'];
  const done = spawnSync(
    process.execPath,
    [vitest, ...which, '--project', 'core', '--exclude', GOLDEN, '--bail', '1'],
    {
      cwd: ROOT,
      encoding: 'utf8',
    },
  );
  return done.status === 0 ? undefined : done.stdout + done.stderr;
}

register();
const { METHODS } = await import(path.join(CORE, 'index.ts'));
let survived = 0;
for (const { name } of METHODS) {
  if (MUTATIONS.some(({ method }) => method === name)) continue;
  console.error(`no formula of ${name} is broken; scripts/mutations.mjs lacks one`);
  survived += 1;
}

const before = suiteFailure();
if (before !== undefined) {
  console.error(before);
  console.error('The core’s tests fail before anything is broken; mend them first.');
  process.exit(1);
}
const asked = process.argv.slice(2);
const broken = MUTATIONS.filter(({ method }) => asked.length === 0 || asked.includes(method));
for (const { formula, file, from, to } of broken) {
  const at = path.join(CORE, file);
  const source = fs.readFileSync(at, 'utf8');
  if (source.split(from).length !== 2) {
    console.error(`${formula}: its code has moved; the mutation in scripts/mutations.mjs must follow.`);
    survived += 1;
    continue;
  }
  let caught;
  try {
    fs.writeFileSync(at, source.replace(from, to));
    caught = suiteFailure(at) !== undefined;
  } finally {
    fs.writeFileSync(at, source);
  }
  if (!caught) survived += 1;
  console.log(`${caught ? 'caught  ' : 'SURVIVED'} ${formula}`);
}
console.log(`${broken.length - survived} of ${broken.length} broken formulas were caught`);
process.exitCode = survived === 0 ? 0 : 1;
