/** The program behind npm run rebuild. */
import { backupsFolder } from '../config';
import { openOrExit } from '../database/openDatabase';
import { rebuildCards } from './rebuild';

const db = await openOrExit(process.env.DATABASE_URL ?? '', backupsFolder(process.env));
await rebuildCards(db);
const [counted] = await db.query<{ lots: number; runs: number }[]>(
  'select (select count(*)::int from lot_cards) as lots, (select count(*)::int from runs) as runs',
);
await db.destroy();
process.stdout.write(`${JSON.stringify(counted)}\n`);
