// docs/words.md: every sentence that the interface can say, by station and file, to be read as a horticulturist would
// hear it. `--check` fails where the page is not what would be written.
import fs from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { ROOT } from './build.mjs';

const PAGE = path.join(ROOT, 'docs/words.md');
const SOURCES = ['web/src', 'core/src', 'contract/src', 'server/src'];
const GAP = '…';

/** Where a text stands that somebody reads: attributes of elements, and fields of what describes itself. */
const SPOKEN = new Set(
  (
    'label line title term placeholder words opener question says head asks plain why say unchosen nothing unsorted ' +
    'message because basis takes caption lead sentence formula said short long what values hazards because alt'
  ).split(' '),
);
/** Calls that say their text: a refusal, a note, a rule of a field. */
const SAYING = /^(refuse|refused|conflict|notFound|note|task|undoable|Mistyped|Is[A-Z]\w*|Min|Max|MaxLength|Array\w+)$/;
const WORDS = /[A-Za-z]{2,}.*[ .?!]|^[A-Z][a-z]+/;

function* files(folder) {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) {
      if (!/^(testing|fixtures|migrations|page)$/.test(entry.name)) yield* files(at);
    } else if (/\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name)) yield at;
  }
}

const oneLine = (text) => text.replace(/\s+/g, ' ').trim();

/** A text with a gap where a value goes; undefined for what is no text. */
function textOf(node) {
  if (ts.isStringLiteralLike(node)) return node.text;
  if (ts.isTemplateExpression(node))
    return [node.head.text, ...node.templateSpans.map((one) => GAP + one.literal.text)].join('');
  return undefined;
}

/** What an element says as a whole: its text with gaps where something else stands. */
function elementText(node) {
  return oneLine(
    node.children
      .map((child) => {
        if (ts.isJsxText(child)) return child.text;
        if (ts.isJsxExpression(child) && child.expression !== undefined && ts.isStringLiteralLike(child.expression))
          return child.expression.text;
        return GAP;
      })
      .join(''),
  ).replace(/(… ?)+/g, `${GAP} `);
}

const nameOf = (node) =>
  node !== undefined && (ts.isIdentifier(node) || ts.isStringLiteralLike(node)) ? node.text : undefined;

/** Whether what a string belongs to is read by somebody. */
function isSpoken(node) {
  for (let at = node.parent; at !== undefined; at = at.parent) {
    if (ts.isJsxAttribute(at)) return SPOKEN.has(nameOf(at.name)) || at.name.getText() === 'aria-label';
    if (ts.isPropertyAssignment(at)) return SPOKEN.has(nameOf(at.name));
    if (ts.isCallExpression(at) || ts.isNewExpression(at))
      return SAYING.test(at.expression.getText().split('.').at(-1));
    if (ts.isJsxExpression(at)) return at.parent !== undefined && !ts.isJsxAttribute(at.parent);
    if (ts.isReturnStatement(at) || ts.isArrowFunction(at) || ts.isVariableDeclaration(at))
      return / /.test(textOf(node) ?? '') && /^[A-Z“]|[.?!]$/.test(textOf(node) ?? '');
  }
  return false;
}

function wordsOf(file) {
  const source = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found = new Set();
  const add = (text) => {
    const words = oneLine(text);
    if (WORDS.test(words) && words.replaceAll(GAP, '').trim().length > 2 && !/^[a-z-]+(:|\[)|^\/|className/.test(words))
      found.add(words);
  };
  const walk = (node) => {
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      if (node.children.some((child) => ts.isJsxText(child) && child.text.trim() !== '')) add(elementText(node));
    } else {
      const text = textOf(node);
      if (text !== undefined && isSpoken(node)) add(text);
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  return [...found];
}

const sections = new Map();
for (const root of SOURCES)
  for (const file of files(path.join(ROOT, root))) {
    const within = path.relative(path.join(ROOT, root), file).split(path.sep);
    const section = `${root.split('/')[0]}: ${within.length > 1 ? within[0] : 'root'}`;
    const words = wordsOf(file);
    if (words.length > 0)
      sections.set(section, [
        ...(sections.get(section) ?? []),
        { file: within.slice(1).join('/') || within[0], words },
      ]);
  }

const page = [
  '# Words',
  '',
  'Every sentence that the product says, by station and file, gathered by `npm run words`. “…” is where a value goes.',
  'Read it as somebody would who grows things and has never seen a program.',
  '',
  ...[...sections]
    .sort(([a], [b]) => a.localeCompare(b))
    .flatMap(([section, all]) => [
      `## ${section}`,
      '',
      ...all
        .sort((a, b) => a.file.localeCompare(b.file))
        .flatMap(({ file, words }) => [`### ${file}`, '', ...words.map((one) => `- ${one}`), '']),
    ]),
].join('\n');

if (process.argv.includes('--check')) {
  if (fs.readFileSync(PAGE, 'utf8') !== page) {
    process.stdout.write('docs/words.md is not what the interface says; run npm run words\n');
    process.exitCode = 1;
  }
} else fs.writeFileSync(PAGE, page);
