// docs/methods.md from the core itself: every method with what it estimates, its source, its file and what tests it,
// then the formulas beneath them. `--check` fails where the page is not what would be written.
import fs from 'node:fs';
import path from 'node:path';
import { register } from 'tsx/esm/api';
import { ROOT } from './build.mjs';

const CORE = path.join(ROOT, 'core/src');
const PAGE = path.join(ROOT, 'docs/methods.md');
const COMMENT = /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*export (?:function|const) (\w+)/g;

function* files(folder) {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* files(at);
    else if (/\.ts$/.test(entry.name) && !/\.(test|d)\.ts$/.test(entry.name)) yield at;
  }
}

const oneLine = (text) => text.replace(/\s+/g, ' ').trim();

/** Every public formula with a comment: its first paragraph, and its source where it names one. */
function formulasOf(file) {
  const source = fs.readFileSync(file, 'utf8');
  return [...source.matchAll(COMMENT)].map(([, comment, name]) => {
    const text = comment.replace(/^\s*\* ?/gm, '').trim();
    const found = /Source: ([\s\S]*?)(?=\n(?:Example|Throws|Input)|\n\n|$)/.exec(text);
    const origin = found === null ? undefined : oneLine(found[1]).replace(/ Example:.*$/, '');
    return { name, what: oneLine(text.split('\n\n')[0]).replace(/ Throws .*$/, ''), source: origin, file };
  });
}

const testsOf = (file) =>
  fs
    .readdirSync(path.dirname(file))
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => path.relative(ROOT, path.join(path.dirname(file), name)))
    .join(', ');

const row = (...cells) => `| ${cells.map((text) => text.replaceAll('|', '\\|')).join(' | ')} |`;
const at = (file) => path.relative(ROOT, file);

register();
const { METHODS } = await import(path.join(CORE, 'index.ts'));
const formulas = [...files(CORE)].sort((a, b) => a.localeCompare(b)).flatMap(formulasOf);
const named = new Set(METHODS.map(({ calculate }) => calculate.name));

const methodRows = METHODS.map(({ stamp, name, source, calculate, outputs }) => {
  const formula = formulas.find((one) => one.name === calculate.name);
  if (formula === undefined) throw new Error(`the formula of ${name} has no comment`);
  const gives = [...new Set(Object.values(outputs).flatMap(({ property }) => property ?? []))];
  const shown = gives.map((key) => `\`${key}\``).join(', ');
  return row(`\`${stamp}\``, formula.what, shown, source, at(formula.file), testsOf(formula.file));
});
const formulaRows = formulas
  .filter(({ name, source }) => source !== undefined && !named.has(name))
  .map(({ name, what, source, file }) => row(`\`${name}\``, what, source, at(file), testsOf(file)));

const page = `# Methods

Made by \`npm run methods\` from the core; change them there.

| method | what it gives | properties of a sheet | source | file | tests |
| --- | --- | --- | --- | --- | --- |
${methodRows.join('\n')}

## Formulas beneath them

| function | what it gives | source | file | tests |
| --- | --- | --- | --- | --- |
${formulaRows.join('\n')}
`;
if (!process.argv.includes('--check')) fs.writeFileSync(PAGE, page);
else if (fs.readFileSync(PAGE, 'utf8') !== page) {
  process.stderr.write('docs/methods.md is not what the core says: npm run methods\n');
  process.exitCode = 1;
}
