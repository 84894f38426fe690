import { shiftedClock, systemClock } from '@bent-pail/server/clock';
import { openOrExit } from '@bent-pail/server/database/openDatabase';
import { readNotebook } from './files';
import { loadDemo } from './load';

const databaseUrl = process.env.DATABASE_URL;
const folder = process.env.BENT_PAIL_DEMO_FILES;
if (databaseUrl === undefined || folder === undefined)
  throw new Error('DATABASE_URL and BENT_PAIL_DEMO_FILES must be set.');
const clockFile = process.env.BENT_PAIL_CLOCK_FILE;
const clock = clockFile === undefined ? systemClock : shiftedClock(clockFile);
const fresh = process.argv.includes('--fresh');

const db = await openOrExit(databaseUrl);
const outcome = await loadDemo({ db, files: readNotebook(folder), now: clock.now(), fresh });
await db.destroy();
if (outcome === 'loaded') process.stdout.write('The Tollgarth demo notebook is loaded.\n');
if (outcome === 'not a demo' && fresh) {
  process.stderr.write('This database holds a notebook that is not the demo; it is left as it is.\n');
  process.exitCode = 1;
}
