// What a source file says: every text with numbered gaps where values go, and how the file reads with other texts.
import ts from 'typescript';
import { isRead, isText } from './spoken.mjs';

/** Text of an element as the page shows it: lines joined, what only lays out the source left out. */
function shown(text) {
  const lines = text.split(/\r?\n/);
  return lines
    .map((line, i) => {
      const begun = i === 0 ? line : line.replace(/^[ \t]+/, '');
      return i === lines.length - 1 ? begun : begun.replace(/[ \t]+$/, '');
    })
    .filter((line) => line !== '')
    .join(' ');
}

/** The parts of an element: its texts, and what stands in its gaps. */
function elementParts(node) {
  const parts = [];
  for (const child of node.children) {
    if (ts.isJsxText(child)) parts.push(shown(child.text));
    else if (ts.isJsxExpression(child)) {
      if (child.expression === undefined) continue;
      parts.push(ts.isStringLiteralLike(child.expression) ? child.expression.text : child);
    } else parts.push(child);
  }
  return parts;
}

const templateParts = (node) => [
  node.head.text,
  ...node.templateSpans.flatMap((span) => [span.expression, span.literal.text]),
];

/** A text with its gaps numbered, and what goes into them. */
function numbered(parts) {
  const gaps = [];
  let text = '';
  for (const part of parts) {
    if (typeof part === 'string') text += part;
    else {
      text += `{${String(gaps.length)}}`;
      gaps.push(part);
    }
  }
  return { text, gaps };
}

/** The message that a node is, if it is one. */
function messageOf(node) {
  if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
    const { text, gaps } = numbered(elementParts(node));
    return isText(text, 'surely') ? { node, form: 'element', text, gaps } : undefined;
  }
  if (ts.isTemplateExpression(node) || ts.isStringLiteralLike(node)) {
    const isTemplate = ts.isTemplateExpression(node);
    if (!isTemplate && isPartOfElement(node)) return undefined;
    const { text, gaps } = isTemplate ? numbered(templateParts(node)) : { text: node.text, gaps: [] };
    const sure = messageAround(node) === undefined ? isRead(node) : 'surely';
    return sure !== undefined && isText(text, sure)
      ? { node, form: isTemplate ? 'template' : 'string', text, gaps }
      : undefined;
  }
  return undefined;
}

/** The message in a gap of which a text stands as one of several: `too ${isAiry ? 'airy' : 'close'}`. */
function messageAround(node) {
  const { parent } = node;
  if (ts.isConditionalExpression(parent) && parent.condition !== node) return messageAround(parent);
  if (ts.isParenthesizedExpression(parent)) return messageAround(parent);
  return ts.isTemplateSpan(parent) && node !== parent.literal && !ts.isTemplateExpression(node)
    ? messageOf(parent.parent)
    : undefined;
}

/** Whether a text is a child of an element, and so part of what that says as a whole. */
function isPartOfElement({ parent }) {
  return (
    ts.isJsxExpression(parent) &&
    (ts.isJsxElement(parent.parent) || ts.isJsxFragment(parent.parent)) &&
    messageOf(parent.parent) !== undefined
  );
}

/** What stands in a gap, in short. */
const gapText = (gap) =>
  (ts.isJsxExpression(gap) ? gap.expression : gap).getText().replace(/\s+/g, ' ').slice(0, 60);

/** A text without the blanks at its ends, which stay as they are in every language. */
function trimmed(text) {
  const [, before, inner, after] = /^(\s*)([\s\S]*?)(\s*)$/.exec(text);
  return { before, inner, after };
}

const parse = (file, code) =>
  ts.createSourceFile(
    file,
    code,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );

/** Every message of a source file, in its order: its text, and what stands in its gaps. */
export function messagesIn(file, code) {
  const found = [];
  const walk = (node) => {
    const message = messageOf(node);
    if (message !== undefined)
      found.push({
        text: trimmed(message.text).inner,
        gaps: message.gaps.map(gapText),
      });
    ts.forEachChild(node, walk);
  };
  walk(parse(file, code));
  return found;
}

/** A text cut at its gaps: its words, and the numbers of its gaps. */
const cut = (text) => text.split(/\{(\d+)\}/).map((part, i) => (i % 2 === 0 ? part : Number(part)));

/**
 * The file with every text as `translate` gives it; gaps may stand in another order. A text that loses or repeats a gap
 * is an error, for it would lose a value.
 */
export function rewritten(file, code, translate) {
  const source = parse(file, code);

  const translated = (text, gaps) => {
    const { before, inner, after } = trimmed(text);
    const parts = cut(before + translate(inner) + after);
    const used = parts.filter((part) => typeof part === 'number').sort((a, b) => a - b);
    if (used.join() !== [...gaps.keys()].join())
      throw new Error(`${file}: the gaps of “${inner}” are not all kept once`);
    return parts;
  };

  /** The source of a node with what is in it rewritten. */
  const emit = (node) => {
    const message = messageOf(node);
    if (message === undefined) return within(node, node.getStart(source), node.end);
    const parts = translated(message.text, message.gaps);
    if (message.form === 'string') {
      const said = JSON.stringify(parts.join(''));
      return ts.isJsxAttribute(node.parent) ? `{${said}}` : said;
    }
    if (message.form === 'template')
      return `\`${parts
        .map((part) =>
          typeof part === 'number'
            ? `\${${emit(message.gaps[part])}}`
            : part.replaceAll('\\', '\\\\').replaceAll('`', '\\`').replaceAll('${', '\\${'),
        )
        .join('')}\``;
    const inner = parts
      .filter((part) => part !== '')
      .map((part) => (typeof part === 'number' ? emit(message.gaps[part]) : `{${JSON.stringify(part)}}`));
    const [opening, closing] = ts.isJsxElement(node)
      ? [emit(node.openingElement), emit(node.closingElement)]
      : ['<>', '</>'];
    return opening + inner.join('') + closing;
  };

  /** The source from one place to another, with every child rewritten in its place. */
  const within = (node, start, end) => {
    let out = '';
    let at = start;
    ts.forEachChild(node, (child) => {
      const from = child.getStart(source);
      if (from < at) return;
      out += code.slice(at, from) + emit(child);
      at = child.end;
    });
    return out + code.slice(at, end);
  };

  return within(source, 0, code.length);
}
