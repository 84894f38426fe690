// A backup into an empty notebook: npm run restore -- FILE
import path from 'node:path';
import { parseArgs } from 'node:util';
import { Advice, told } from './advice.mjs';
import { installPackages } from './install.mjs';

/** Restored here first, and put in its place once it is known to be whole. */
const DRAFT = 'restoring';

function wantedFile(args) {
  const { positionals } = parseArgs({ args: args.filter((one) => one !== '--'), allowPositionals: true });
  if (positionals.length !== 1) throw new Advice('Name one backup: npm run restore -- FILE');
  return path.resolve(positionals[0]);
}

try {
  const file = wantedFile(process.argv.slice(2));
  installPackages();
  const { DATA } = await import('./build.mjs');
  const { backupProgram, NOTEBOOKS } = await import('./notebooks.mjs');
  const { place, madeAt, demo } = await backupProgram(['look', file], '');
  const sayRestored = (where) =>
    console.log(
      `The notebook of ${place} as it was on ${madeAt.slice(0, 16).replace('T', ' at ')} UTC is restored${where}.`,
    );

  if (process.env.DATABASE_URL) {
    await backupProgram(['restore', file], process.env.DATABASE_URL);
    sayRestored('');
  } else {
    const { cluster } = await import('./postgres.mjs');
    const name = demo ? 'notebook' : 'empty';
    const own = cluster(DATA, name);
    try {
      const url = await own.start();
      if (!(await backupProgram(['empty'], url)))
        throw new Advice(
          `${DATA} holds a notebook already (${NOTEBOOKS[name].said}), and a backup never overwrites one. Back it up, then move ${own.data} and ${own.data}.json aside, and restore again. Nothing was changed.`,
        );
      own.ask('postgres', `drop database if exists ${DRAFT} with (force)`);
      own.ask('postgres', `create database ${DRAFT}`);
      await backupProgram(['restore', file], own.url(DRAFT));
      const live = new URL(url).pathname.slice(1);
      own.ask('postgres', `drop database "${live}" with (force)`);
      own.ask('postgres', `alter database ${DRAFT} rename to "${live}"`);
      sayRestored(`. Open it with npm start${demo ? '' : ' -- --empty'}`);
    } finally {
      await own.stop();
    }
  }
} catch (error) {
  console.error(told(error));
  process.exitCode = 1;
}
