import { shiftedClock, systemClock } from '@bent-pail/server/clock';
import path from 'node:path';
import { takeBackup } from '@bent-pail/server/backup/take';
import { backupsFolder } from '@bent-pail/server/config';
import { openOrExit } from '@bent-pail/server/database/openDatabase';
import { readNotebook } from './files';
import { isLoadedDemo, loadDemo } from './load';

const databaseUrl = process.env.DATABASE_URL;
const folder = process.env.BENT_PAIL_DEMO_FILES;
if (databaseUrl === undefined || folder === undefined)
  throw new Error('DATABASE_URL and BENT_PAIL_DEMO_FILES must be set.');
const clockFile = process.env.BENT_PAIL_CLOCK_FILE;
const clock = clockFile === undefined ? systemClock : shiftedClock(clockFile);
const fresh = process.argv.includes('--fresh');

const backups = backupsFolder(process.env);
const db = await openOrExit(databaseUrl, backups);
// Somebody may have worked in the demo: what is thrown away for a fresh one is kept in a file.
if (fresh && (await isLoadedDemo(db)))
  await takeBackup(
    databaseUrl,
    path.join(backups, `before-fresh-demo-${new Date().toISOString().replaceAll(/[:.]/g, '')}.tar`),
  );
const outcome = await loadDemo({ db, files: readNotebook(folder), now: clock.now(), fresh });
await db.destroy();
if (outcome === 'loaded') process.stdout.write('The Tollgarth demo notebook is loaded.\n');
if (outcome === 'not a demo' && fresh) {
  process.stderr.write('This database holds a notebook that is not the demo; it is left as it is.\n');
  process.exitCode = 1;
}
