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

/** Makes them anew in a PostgreSQL that runs. */
export async function makeTemplates(own) {
  const admin = new pg.Client({ connectionString: own.url('postgres') });
  await admin.connect();
  for (const name of Object.values(TEMPLATES)) {
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.query(`create database ${name}`);
  }
  await admin.end();
  loadDemo(own.url(TEMPLATES.demo), SOURCE);
  // The language that nobody speaks is built for the one journey that looks for what it does not reach.
  const env = { ...process.env, BENT_PAIL_LANGUAGE: PSEUDO };
  spawnSync(process.execPath, [path.join(ROOT, 'scripts/build.mjs'), '--if-stale'], { env, stdio: 'inherit' });
  loadDemo(own.url(TEMPLATES.nobodys), PSEUDO);
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
  await own.start();
  await makeTemplates(own);
  await own.stop();
}
