// Everything that is kept beside the readings, worked out anew from them: npm run rebuild [-- --own | --demo]
import { parseArgs } from 'node:util';
import { Advice, told } from './advice.mjs';
import { installPackages } from './install.mjs';

function wanted(args) {
  try {
    const options = { own: { type: 'boolean', default: false }, demo: { type: 'boolean', default: false } };
    return parseArgs({ args, options }).values;
  } catch (error) {
    throw new Advice(`${error.message.split('.')[0]}. Write npm run rebuild, or with -- --own or --demo.`);
  }
}

try {
  const meant = wanted(process.argv.slice(2));
  installPackages();
  const { NOTEBOOKS, notebooksMeant, rebuildProgram, whileOpen } = await import('./notebooks.mjs');
  const say = ({ lots, runs }, what) => {
    console.log(`${what}: ${lots} cards and ${runs} runs are worked out anew from their readings.`);
  };
  if (process.env.DATABASE_URL) say(await rebuildProgram(process.env.DATABASE_URL), 'The notebook');
  else
    for (const name of notebooksMeant(meant)) {
      const { said } = NOTEBOOKS[name];
      say(await whileOpen(name, rebuildProgram), said[0].toUpperCase() + said.slice(1));
    }
} catch (error) {
  console.error(told(error));
  process.exitCode = 1;
}
