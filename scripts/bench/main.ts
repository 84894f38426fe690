import { cpus } from 'node:os';
import path from 'node:path';
import { coreFigures } from './core';
import { loadFigures } from './load';
import { pageFigures } from './page';
import { typingFigures } from './typing';

// The bench is started from the project's folder.
const dist = path.resolve('web/dist');
const figures = [...coreFigures(), ...pageFigures(dist), ...(await loadFigures()), ...(await typingFigures())];
process.stdout.write(`${String(cpus().length)} cores, Node ${process.versions.node}\n`);
for (const { what, value, unit, bar } of figures) {
  const verdict = value <= bar ? 'within' : 'OVER';
  process.stdout.write(
    `${what.padEnd(56)} ${value.toPrecision(3).padStart(9)} ${unit.padEnd(3)} ${verdict} ${String(bar)} ${unit}\n`,
  );
}
process.exitCode = figures.every(({ value, bar }) => value <= bar) ? 0 : 1;
