import { execFile } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { promisify } from 'node:util';
import { OF_THE_HOUR } from './ofTheHour';
import { BackupTrouble } from './trouble';

const run = promisify(execFile);

/** Where Debian puts the programs of each PostgreSQL; the newest can read what older ones wrote. */
const DEBIAN = '/usr/lib/postgresql';

function program(name: 'pg_dump' | 'pg_restore'): string {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions.map((version) => `${DEBIAN}/${version}/bin/${name}`).find((file) => existsSync(file));
  return found ?? name;
}

/** The connection for PostgreSQL's programs: in the environment, where no list of processes shows a password. */
function connectionOf(url: string): NodeJS.ProcessEnv {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  const sslMode = searchParams.get('sslmode');
  return {
    PGHOST: hostname,
    PGPORT: port === '' ? '5432' : port,
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
    ...(sslMode === null ? {} : { PGSSLMODE: sslMode }),
    LC_ALL: 'C.UTF-8',
  };
}

const wordsOf = (error: unknown): string => {
  const { stderr, message } = error as { readonly stderr?: string; readonly message: string };
  const said = (stderr ?? '').trim();
  return said === '' ? message : said.split('\n').slice(-3).join(' ');
};

/** Dumps what a snapshot shows, in PostgreSQL's custom format. What is of the hour stays behind. */
export async function dump(url: string, snapshot: string, file: string): Promise<void> {
  const left = OF_THE_HOUR.map((table) => `--exclude-table-data=${table}`);
  const args = ['--format=custom', '--no-owner', '--no-privileges', ...left];
  try {
    await run(program('pg_dump'), [...args, `--snapshot=${snapshot}`, `--file=${file}`], {
      env: { ...process.env, ...connectionOf(url) },
    });
  } catch (error) {
    throw new BackupTrouble(`The notebook could not be dumped: ${wordsOf(error)}`);
  }
}

/** Brings a dump into an empty database, all of it or nothing. */
export async function undump(url: string, file: string): Promise<void> {
  const env = { ...process.env, ...connectionOf(url) };
  const args = ['--single-transaction', '--exit-on-error', '--no-owner', '--no-privileges'];
  try {
    await run(program('pg_restore'), [...args, `--dbname=${env.PGDATABASE ?? ''}`, file], { env });
  } catch (error) {
    throw new BackupTrouble(`The backup could not be restored: ${wordsOf(error)}`);
  }
}

/** Packs files of a folder into one, or out of it again. */
export async function pack(file: string, folder: string, names: readonly string[]): Promise<void> {
  await run('tar', ['--create', `--file=${file}`, `--directory=${folder}`, ...names]);
}

export async function unpack(file: string, folder: string, names: readonly string[]): Promise<void> {
  try {
    await run('tar', ['--extract', `--file=${file}`, `--directory=${folder}`, '--no-same-owner', ...names]);
  } catch {
    throw new BackupTrouble(`${file} is no backup of a notebook, or only a part of one.`);
  }
}
