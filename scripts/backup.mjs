// A notebook into one file: npm run backup [-- FILE] [--own | --demo]
import path from 'node:path';
import { parseArgs } from 'node:util';
import { Advice, told } from './advice.mjs';
import { installPackages } from './install.mjs';

const USAGE = 'Write npm run backup, npm run backup -- FILE, or with --own or --demo where there are both.';

function wanted(args) {
  try {
    const { values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: { own: { type: 'boolean', default: false }, demo: { type: 'boolean', default: false } },
    });
    if (positionals.length > 1) throw new Advice(`One file at a time. ${USAGE}`);
    return { ...values, file: positionals[0] };
  } catch (error) {
    if (error instanceof Advice) throw error;
    throw new Advice(`${error.message.split('.')[0]}. ${USAGE}`);
  }
}

const sayTaken = (file, { contents }, what) => {
  const { runs, readings, lots } = contents;
  console.log(
    `${what} is backed up in ${file}: ${lots.rows} lots, ${runs.rows} runs, ${readings.rows} readings, photos and all.`,
  );
  console.log('Keep it as safe as the notebook itself: whoever has it can read everything in it.');
};

try {
  const { own, demo, file } = wanted(process.argv.slice(2));
  installPackages();
  const { DATA } = await import('./build.mjs');
  const { backupProgram, NOTEBOOKS, notebooksMeant, whileOpen } = await import('./notebooks.mjs');
  const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '');
  const usual = (word) => path.join(DATA, 'backups', `${word}-${stamp}.tar`);

  if (process.env.DATABASE_URL) {
    const target = path.resolve(file ?? usual('notebook'));
    sayTaken(target, await backupProgram(['take', target], process.env.DATABASE_URL), 'The notebook');
  } else {
    const there = notebooksMeant({ own, demo });
    if (file !== undefined && there.length > 1)
      throw new Advice(`There are two notebooks in ${DATA}, and one file holds one. Add --own or --demo.`);
    for (const name of there) {
      const { word, said } = NOTEBOOKS[name];
      const target = path.resolve(file ?? usual(word));
      const manifest = await whileOpen(name, (url) => backupProgram(['take', target], url));
      sayTaken(target, manifest, said[0].toUpperCase() + said.slice(1));
    }
  }
} catch (error) {
  console.error(told(error));
  process.exitCode = 1;
}
