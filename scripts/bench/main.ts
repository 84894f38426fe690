import { cpus } from 'node:os';
import path from 'node:path';
import { classFigures } from './classroom';
import { coreFigures } from './core';
import { largeFigures } from './large';
import { recordFigures } from './record';
import { loadFigures } from './load';
import { longFigures } from './long';
import type { Figure } from './measure';
import { pageFigures } from './page';
import { typingFigures } from './typing';

// The bench is started from the project's folder.
const dist = path.resolve('web/dist');
const PARTS: Readonly<Record<string, () => Promise<Figure[]> | Figure[]>> = {
  core: coreFigures,
  page: () => pageFigures(dist),
  load: loadFigures,
  typing: typingFigures,
  large: largeFigures,
  long: longFigures,
  record: recordFigures,
  class: classFigures,
};
// npm run bench -- large typing: only these.
const asked = process.argv.slice(2);
const figures: Figure[] = [];
for (const [name, measure] of Object.entries(PARTS))
  if (asked.length === 0 || asked.includes(name)) figures.push(...(await measure()));
process.stdout.write(`${String(cpus().length)} cores, Node ${process.versions.node}\n`);
for (const { what, value, unit, bar } of figures) {
  const verdict = bar === Infinity ? '' : `${value <= bar ? 'within' : 'OVER'} ${String(bar)} ${unit}`;
  process.stdout.write(`${what.padEnd(72)} ${value.toPrecision(3).padStart(9)} ${unit.padEnd(3)} ${verdict}\n`);
}
process.exitCode = figures.every(({ value, bar }) => value <= bar) ? 0 : 1;
