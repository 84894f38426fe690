// docs/methods.md from the core's own comments: what each method estimates, its source, where it is and what tests it.
import fs from 'node:fs';
import path from 'node:path';
import { ROOT } from './build.mjs';

const CORE = path.join(ROOT, 'core/src');
const COMMENT = /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*export function (\w+)/g;

function* files(folder) {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* files(at);
    else if (/\.ts$/.test(entry.name) && !/\.(test|d)\.ts$/.test(entry.name)) yield at;
  }
}

function methodsOf(file) {
  const source = fs.readFileSync(file, 'utf8');
  return [...source.matchAll(COMMENT)].flatMap(([, comment, name]) => {
    const text = comment.replace(/^\s*\* ?/gm, '').trim();
    const found = /Source: ([\s\S]*?)(?=\n(?:Example|Throws|Input)|\n\n|$)/.exec(text);
    if (found === null) return [];
    const what = text.split('\n\n')[0].replace(/\s+/g, ' ');
    return [{ name, what, source: found[1].replace(/\s+/g, ' ').replace(/ Example:.*$/, ''), file }];
  });
}

const testsOf = (file) =>
  fs
    .readdirSync(path.dirname(file))
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => path.relative(ROOT, path.join(path.dirname(file), name)));

const methods = [...files(CORE)].flatMap(methodsOf).sort((a, b) => a.file.localeCompare(b.file));
const lines = methods.map(({ name, what, source, file }) => {
  const cell = (text) => text.replaceAll('|', '\\|');
  return `| \`${name}\` | ${cell(what)} | ${cell(source)} | ${path.relative(ROOT, file)} | ${testsOf(file).join(', ')} |`;
});
const page = `# Methods\n\nMade by \`npm run methods\` from the comments of the core; change them there.\n\n| function | what it gives | source | file | tests |\n| --- | --- | --- | --- | --- |\n${lines.join('\n')}\n`;
fs.mkdirSync(path.join(ROOT, 'docs'), { recursive: true });
fs.writeFileSync(path.join(ROOT, 'docs/methods.md'), page);
