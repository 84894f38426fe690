/** The program behind npm run backup and npm run restore: take FILE, look FILE, restore FILE, empty. */
import pg from 'pg';
import { lookInto, restoreBackup } from './restore';
import { holdsNotebook, takeBackup } from './take';
import { BackupTrouble } from './trouble';

const url = process.env.DATABASE_URL ?? '';
const [command, file = ''] = process.argv.slice(2);

async function isEmpty(): Promise<boolean> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return !(await holdsNotebook(client));
  } finally {
    await client.end();
  }
}

async function answer(): Promise<unknown> {
  switch (command) {
    case 'take':
      return takeBackup(url, file);
    case 'look':
      return lookInto(file);
    case 'restore':
      return restoreBackup(file, url);
    case 'empty':
      return isEmpty();
    default:
      throw new BackupTrouble(`There is no command ${String(command)}.`);
  }
}

try {
  process.stdout.write(`${JSON.stringify(await answer())}\n`);
} catch (error) {
  if (!(error instanceof BackupTrouble)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
}
