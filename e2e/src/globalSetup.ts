import { spawnSync } from 'node:child_process';
import path from 'node:path';
import pg from 'pg';
import { ROOT, scripts, TEMPLATES } from './cluster';

/** One PostgreSQL for all journeys, with the demo notebook and an empty one to copy from. */
export default async function setup(): Promise<() => Promise<void>> {
  const { cluster } = await scripts();
  const own = cluster(path.join(ROOT, '.data'), 'e2e', { forTests: true });
  process.env.BENT_PAIL_E2E_DATABASE = await own.start();
  const admin = new pg.Client({ connectionString: own.url('postgres') });
  await admin.connect();
  for (const name of Object.values(TEMPLATES)) {
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.query(`create database ${name}`);
  }
  await admin.end();
  const loaded = spawnSync(process.execPath, [path.join(ROOT, 'server/dist/demo.js')], {
    env: {
      ...process.env,
      DATABASE_URL: own.url(TEMPLATES.demo),
      BENT_PAIL_DEMO_FILES: path.join(ROOT, 'demo/notebook'),
    },
    encoding: 'utf8',
  });
  if (loaded.status !== 0) throw new Error(`the demo could not be loaded\n${loaded.stderr}`);
  return () => own.stop();
}
