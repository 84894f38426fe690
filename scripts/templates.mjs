// The notebooks that journeys copy theirs from: the demo, and an empty one, in a PostgreSQL of the journeys' own.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import pg from 'pg';
import { builtProgram, ROOT } from './build.mjs';
import { cluster } from './postgres.mjs';
import { PSEUDO, SOURCE } from './texts/catalogue.mjs';

export const TEMPLATES = { demo: 'template_demo', empty: 'template_empty', nobodys: 'template_nobodys' };

/** The PostgreSQL of the journeys. */
export const journeys = () => cluster(path.join(ROOT, '.data'), 'e2e', { forTests: true });

/** Makes them anew in a PostgreSQL that runs, of which this is the address of any database. */
export async function makeTemplates(url) {
  await makeEmpty(url, TEMPLATES.empty);
  loadDemo(await makeEmpty(url, TEMPLATES.demo), SOURCE);
}

/** Builds the language that nobody speaks, and makes its notebook, for the journey that looks for what it does not reach. */
export async function makeNobodys(url) {
  const env = { ...process.env, BENT_PAIL_LANGUAGE: PSEUDO };
  spawnSync(process.execPath, [path.join(ROOT, 'scripts/build.mjs'), '--if-stale'], { env, stdio: 'inherit' });
  loadDemo(await makeEmpty(url, TEMPLATES.nobodys), PSEUDO);
}

async function makeEmpty(url, name) {
  const admin = new pg.Client({ connectionString: url });
  await admin.connect();
  await admin.query(`drop database if exists ${name} with (force)`);
  await admin.query(`create database ${name}`);
  await admin.end();
  return url.replace(/\/[^/]+$/, `/${name}`);
}

/** Loads the demo by the programs of a language. */
function loadDemo(url, language) {
  const loaded = spawnSync(process.execPath, [builtProgram('demo', language)], {
    env: { ...process.env, DATABASE_URL: url, BENT_PAIL_DEMO_FILES: path.join(ROOT, 'demo/notebook') },
    encoding: 'utf8',
  });
  if (loaded.status !== 0) throw new Error(`the demo could not be loaded\n${loaded.stderr}`);
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const own = journeys();
  await makeTemplates(await own.start());
  await own.stop();
}
