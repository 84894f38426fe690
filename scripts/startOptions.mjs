// What npm start may be told.
import { parseArgs } from 'node:util';
import { Advice } from './advice.mjs';

const KNOWN = {
  empty: 'your own notebook, without demo data',
  'fresh-demo': 'the demo anew, with dates from now',
  network: 'also for phones and tablets on the house’s network',
};

const usage = Object.entries(KNOWN)
  .map(([name, what]) => `npm start -- --${name} (${what})`)
  .join('; ');

export function startOptions(args) {
  try {
    const options = Object.fromEntries(Object.keys(KNOWN).map((name) => [name, { type: 'boolean', default: false }]));
    const { values } = parseArgs({ args, options });
    if (values.empty && values['fresh-demo'])
      throw new Advice('--empty is a notebook without the demo, and --fresh-demo the demo anew; take one of them.');
    return values;
  } catch (error) {
    if (error instanceof Advice) throw error;
    throw new Advice(`${error.message.split('.')[0]}. Known are: ${usage}.`);
  }
}
