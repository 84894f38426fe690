/** The program behind npm run rebuild. */
import { backupsFolder } from '../config';
import { openOrExit } from '../database/openDatabase';
import { rebuildCards } from './rebuild';
import { countNotebook } from './repository';

const db = await openOrExit(process.env.DATABASE_URL ?? '', backupsFolder(process.env));
await rebuildCards(db);
const counted = await countNotebook(db.manager);
await db.destroy();
process.stdout.write(`${JSON.stringify(counted)}\n`);
