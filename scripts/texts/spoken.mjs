// Which strings of the source somebody reads. A string is known by where it stands: in an element, in a field or an
// argument that is made to be read, in something named after words; elsewhere only if it is shaped like a sentence.
import ts from 'typescript';

/** Attributes and fields that are read, whatever is in them. */
const READ = new Set(
  (
    'label line title term placeholder words word opener question head plain why say unchosen unsorted message lead ' +
    'sentence said short long alt hint caption heading one many tags classes light ' +
    'ask answer aim materials'
  ).split(' '),
);
/** Fields that are read where they hold more than a word; a word alone may be a key. */
const READ_WHOLE = new Set('asks nothing because basis formula hazards note notes text reason name body'.split(' '));
/** Fields and attributes that name something to the program. */
const NAMING = new Set(
  (
    'id key kind type role means names spelt className style to href src from path code method property of variant tone size htmlFor ' +
    'autoComplete inputMode unit pattern relations target rel form as d fill transform viewBox color'
  ).split(' '),
);
/** Calls that say what they are given, and which of it: a refusal, a note, one and many, words that are joined. */
const SAYING = new Map(
  Object.entries({
    refuse: [1],
    refused: [1],
    Mistyped: [1],
    CoreError: [2],
    conflict: [0],
    notFound: [0],
    IsDay: [0],
    note: [1],
    task: [1, 2],
    undoable: [0],
    counted: [1, 2],
    countOf: [1, 2],
    join: [0],
    judge: [0],
  }),
);
/** What is named after words holds words. */
const NAMED_FOR_WORDS = /(words?|said|labels?|names?|sees|texts?|titles?|sentences?|phrases?|says?)$/i;

const COMPARED = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.InKeyword,
  ts.SyntaxKind.LessThanToken,
  ts.SyntaxKind.GreaterThanToken,
]);

const nameOf = (node) =>
  node !== undefined && (ts.isIdentifier(node) || ts.isStringLiteralLike(node)) ? node.text : undefined;

/**
 * How sure it is that what stands at a node is read by somebody: 'surely', 'likely' (if it is more than a word),
 * 'perhaps' (if it has the shape of one or of a phrase), 'passed' to a method (if it has that of a sentence), or undefined.
 */
export function isRead(node) {
  let at = node;
  let weakest = 'perhaps';
  for (let parent = node.parent; parent !== undefined; at = parent, parent = parent.parent) {
    if (ts.isTemplateSpan(parent) || ts.isTemplateExpression(parent)) continue;
    // Words of a fixed list are keys; those of a list of pairs are what stands beside them.
    if (ts.isAsExpression(parent) && ts.isConstTypeReference(parent.type) && node.parent.parent === parent)
      weakest = 'passed';
    if (
      ts.isParenthesizedExpression(parent) ||
      ts.isAsExpression(parent) ||
      ts.isSatisfiesExpression(parent) ||
      ts.isArrayLiteralExpression(parent) ||
      ts.isSpreadElement(parent) ||
      ts.isObjectLiteralExpression(parent)
    )
      continue;
    if (ts.isConditionalExpression(parent)) {
      if (parent.condition === at) return undefined;
      continue;
    }
    if (ts.isBinaryExpression(parent)) {
      const kind = parent.operatorToken.kind;
      if (COMPARED.has(kind)) return undefined;
      if (kind === ts.SyntaxKind.AmpersandAmpersandToken && parent.left === at) return undefined;
      continue;
    }
    if (ts.isPropertyAssignment(parent)) {
      const name = nameOf(parent.name);
      if (parent.name === at || NAMING.has(name)) return undefined;
      // What a wait is called, `hold: { name: 'soaking' }`.
      if (name === 'name' && nameOf(parent.parent.parent.name) === 'hold') return 'surely';
      if (READ.has(name)) return 'surely';
      if (READ_WHOLE.has(name)) return 'likely';
      continue;
    }
    if (ts.isJsxExpression(parent)) {
      if (!ts.isJsxAttribute(parent.parent)) return 'surely';
      continue;
    }
    if (ts.isJsxAttribute(parent)) {
      const name = parent.name.getText();
      if (READ.has(name) || name === 'what' || name === 'aria-label' || name === 'aria-description') return 'surely';
      return NAMING.has(name) || /^(data|aria)-/.test(name) ? undefined : weakest;
    }
    if (ts.isCallExpression(parent) || ts.isNewExpression(parent)) {
      if (parent.expression === at) return undefined;
      if (parent.expression.getText() === 'Object.freeze') continue;
      if (saysArgument(parent, at)) return 'surely';
      return ts.isIdentifier(parent.expression) ? weakest : 'passed';
    }
    // What is done to a text does not change what it is for.
    if (ts.isPropertyAccessExpression(parent) && /^(trim|trimEnd|replace|slice|concat)$/.test(parent.name.text)) {
      parent = parent.parent;
      continue;
    }
    if (ts.isPropertyAccessExpression(parent) && /^(map|flatMap|filter|join)$/.test(parent.name.text)) return weakest;
    if (ts.isVariableDeclaration(parent)) return NAMED_FOR_WORDS.test(nameOf(parent.name) ?? '') ? 'surely' : weakest;
    if (ts.isReturnStatement(parent) || ts.isArrowFunction(parent)) {
      const name = functionName(parent);
      return NAMED_FOR_WORDS.test(name) ? 'surely' : weakest;
    }
    if (ts.isPropertyDeclaration(parent) || ts.isParameter(parent) || ts.isBindingElement(parent)) return weakest;
    return undefined;
  }
  return undefined;
}

/** Whether a call is one that says this argument of its. */
function saysArgument({ expression, arguments: given }, argument) {
  const places = SAYING.get(expression.getText().split('.').at(-1)) ?? [];
  return places.some((place) => given?.[place] === argument) && expression.getText() !== 'path.join';
}

/** The name of the function that a value is returned from; empty where it has none. */
function functionName(node) {
  for (let at = node; at !== undefined; at = at.parent) {
    if (ts.isFunctionDeclaration(at) || ts.isMethodDeclaration(at)) return nameOf(at.name) ?? '';
    if (ts.isVariableDeclaration(at)) return nameOf(at.name) ?? '';
    if (ts.isPropertyAssignment(at)) return nameOf(at.name) ?? '';
  }
  return '';
}

const GAP = /\{\d+\}/g;
/** What has the shape of code: an address, a key, a name of a field, classes of a style, the form of a date, a unit's sign. */
const IS_CODE =
  /(^|[ \d])(flex|absolute|fixed|relative|sticky|grid|inline|block|figure) .*-|MMM|^[A-Z ]{3,}$|^(per )?(cu|dry) (ft|yd|qt)$|^per (L|m³)$|^[A-Za-z]+[a-z][A-Z]\w*$|^[\w.{}]+[._][\w.{}]+$|^[/?]|^[a-z]+:\S|\w\[|\[.*=|^[#.]\w|:[a-z]+\(|<\/|\}\/[a-z]/;
const IS_SENTENCE = /^["“(]?[A-Z0-9{].* .|[a-z]{2,}.* .*[.?!…]$/s;
/** More than one plain word, with nothing between that a sentence has not. */
const IS_PHRASE =
  /^[,;:·±(… ]*(?=.*\p{L}{2}.*)[\p{L}\d’'“”"(][\p{L}\d’'“”"°²£%()]*([,;:.]? [\p{L}\d’'“”"(=·–−+][\p{L}\d’'“”"°²£%()/-]*)+[,;:.?!]?$/u;
/** A lone word as a person would begin a line with it, and no key of a keyboard. */
const IS_LONE = /^(?!(Enter|Escape|Tab|Home|End|Delete|Backspace|Infinity)$)[A-Z][a-z]+$/;

/** Whether a text is one to be translated, by its shape and by how sure its place is. */
export function isText(text, sure) {
  const whole = text.trim();
  const bare = text.replace(GAP, '').trim();
  if (!/\p{L}{2}/u.test(bare) || IS_CODE.test(whole)) return false;
  if (sure === 'surely') return true;
  if (/^[a-z]+(-[a-z0-9]+)+$/.test(whole)) return false;
  if (sure === 'likely' && (/ /.test(bare) || IS_LONE.test(whole))) return true;
  if (IS_SENTENCE.test(text)) return true;
  if (sure === 'perhaps' && (IS_LONE.test(whole) || IS_PHRASE.test(whole.replace(GAP, '0')))) return true;
  return false;
}
