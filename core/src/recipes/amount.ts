import { withUnits } from './slippedUnits';
import { UNIT_SPELLINGS, type RecipeUnit } from './units';

/** An amount as written: one value or a range, in a unit, or bare. */
export interface Amount {
  readonly lo: number;
  readonly hi: number;
  readonly unit: RecipeUnit | undefined;
  /** What of the text it did not use. */
  readonly rest: string;
}

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅛': '1/8',
  '⅙': '1/6',
};

const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  hundred: 100,
  'a hundred': 100,
  half: 0.5,
  'half a': 0.5,
  'a half': 0.5,
  'one half': 0.5,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 0.25,
  'one quarter': 0.25,
  quarter: 0.25,
  third: 1 / 3,
  'a fifth': 0.2,
  'one fifth': 0.2,
  'two fifths': 0.4,
  'three fifths': 0.6,
  'four fifths': 0.8,
  'three quarters': 0.75,
  'a couple of': 2,
  'a dozen': 12,
  double: 2,
  'the other half': 0.5,
  'other half': 0.5,
};

const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const WORD = Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');
// "1st" is a place and not a number.
const VALUE = new RegExp(`^(?:(${NUMBER})(?!(?:st|nd|rd|th)\\b)|(${WORD})(?![a-z]))`);
const BETWEEN = /^\s*(?:-|–|to|or)\s*/;

/** Text as amounts are looked for in it: small letters, plain fractions and spaces. */
export function normalised(text: string): string {
  return withUnits(text.toLowerCase())
    .replaceAll(/[½⅓⅔¼¾⅕⅖⅛⅙]/g, (sign) => ` ${FRACTIONS[sign] ?? ''}`)
    .replaceAll(/[\u00a0\u2009\u202f]/g, ' ')
    .replaceAll('−', '-')
    .replaceAll(/(\d)ish\b/g, '$1')
    .replaceAll(/\b(?:more or less|give or take)\b/g, ' ')
    .replaceAll(/\b(one|two|three|four)-(thirds?|quarters?|fifths?|half|halves)\b/g, '$1 $2')
    .replaceAll(/\b([a-z]+|\d+) and (?:an? )?(half|quarter|third)\b(?! an?\b)/g, withFraction)
    .replaceAll(/\b([a-z]+|\d+) ([a-z]+) and (?:an? )?(half|quarter|third)\b/g, withFractionAfter)
    .replaceAll(/(?<=[a-z\d])-(?=parts?\b)/g, ' ')
    .replaceAll(/\band\/or\b/g, 'or')
    .replaceAll(/\bbetween\s+(\S+)\s+and\s+(?=\d)/g, '$1-')
    .replaceAll(/\((?:by volume|v\/v|vol\/vol)\)|\bv\/v\b/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();
}

const UNDER: Readonly<Record<string, string>> = { half: '1/2', quarter: '1/4', third: '1/3' };

/** "one and a half" as "1 1/2". */
function withFraction(said: string, count: string, part: string): string {
  const whole = /^\d+$/.test(count) ? Number(count) : WORDS[count];
  return whole === undefined || !Number.isInteger(whole) ? said : `${String(whole)} ${UNDER[part] ?? ''}`;
}

/** "1 scoop and a half" as "1 1/2 scoop". */
function withFractionAfter(said: string, count: string, unit: string, part: string): string {
  const whole = /^\d+$/.test(count) ? Number(count) : WORDS[count];
  const isUnit = unitAt(unit)?.rest === '';
  return !isUnit || whole === undefined || !Number.isInteger(whole)
    ? said
    : `${String(whole)} ${UNDER[part] ?? ''} ${unit}`;
}

/** "1,000" is a thousand to one and one to the other. */
const TWO_WAYS = /^[1-9]\d{0,2}(?:[.,]000|,\d{3})$/;

/** Not a number where the digits could mean two. */
function numberFrom(text: string): number {
  if (TWO_WAYS.test(text)) return NaN;
  const [whole, part] = text.includes(' ') ? text.split(/\s+/) : ['0', text];
  if (part?.includes('/') === true) {
    const [over, under] = part.split('/').map(Number) as [number, number];
    // "80/20" is a ratio; as a fraction it would be a wrong amount.
    if (over >= under) return NaN;
    return Number((whole ?? '0').replace(',', '.')) + over / under;
  }
  return Number(text.replace(',', '.'));
}

function valueAt(
  text: string,
): { readonly value: number; readonly rest: string; readonly word: string | undefined } | undefined {
  const found = VALUE.exec(text);
  if (found === null) return undefined;
  const [all, digits, word] = found;
  const value = digits === undefined ? WORDS[word ?? ''] : numberFrom(digits);
  return value === undefined || Number.isNaN(value) ? undefined : { value, rest: text.slice(all.length), word };
}

function unitAt(text: string): { readonly unit: RecipeUnit; readonly rest: string } | undefined {
  for (const [spelling, unit] of UNIT_SPELLINGS) {
    const found = spelling.exec(text);
    if (found !== null) return { unit, rest: text.slice(found[0].length) };
  }
  return undefined;
}

/** An amount at the start of a (normalised) text; undefined where none stands there. */
export function amountAt(text: string): Amount | undefined {
  const start = text.replace(
    /^(?:about|approx(?:imately)?\.?|around|roughly|some|~|ca?\.)\s*(?=[\d½⅓]|a\b|one\b|two\b)/,
    '',
  );
  const first = valueAt(start);
  if (first === undefined) {
    // "handful of lime" means one.
    const bare = unitAt(start);
    return bare === undefined || bare.unit === 'percent' || bare.unit === 'L' ? undefined : { lo: 1, hi: 1, ...bare };
  }
  let { rest } = first;
  let hi = first.value;
  const between = BETWEEN.exec(rest);
  const second = between === null ? undefined : valueAt(rest.slice(between[0].length));
  if (second !== undefined && second.word !== 'a' && second.word !== 'an' && second.value > first.value) {
    hi = second.value;
    ({ rest } = second);
  }
  const unit = unitAt(rest.replace(/^\s*(?:heaped|level|large|small|big|good|generous)?\s*/, ''));
  // "a bark" is no amount: a word alone needs a unit.
  if (unit === undefined && (first.word === 'a' || first.word === 'an')) return undefined;
  const isTimes = unit === undefined ? /^\s*[x×]\s+/.exec(rest) : null;
  return {
    lo: first.value,
    hi,
    unit: unit?.unit,
    rest: unit?.rest ?? (isTimes === null ? rest : rest.slice(isTimes[0].length)),
  };
}

/** Where an amount may start at the end of a text: at a number, or at a word for one. */
const AMOUNT_STARTS = new RegExp(`(?<=^|[\\s:=(x×@])(?=\\d|(?:${WORD})(?![a-z]))`, 'g');

/** Letters of the longest amount: "three and three quarters wheelbarrows by volume". */
const LONGEST_AMOUNT = 80;

/** An amount at the end of a text: "bark 2 parts", "peat: 60 %", "pumice x 2", "bark (3)". */
export function amountAtEnd(text: string): (Amount & { readonly before: string }) | undefined {
  const from = Math.max(0, text.length - LONGEST_AMOUNT);
  const places = [...text.matchAll(AMOUNT_STARTS)].map((match) => match.index).filter((place) => place >= from);
  for (const place of places) {
    // "to pH 6" is where it shall end, not how much.
    if (/\bph\s*$/.test(text.slice(0, place))) continue;
    const found = amountAt(text.slice(place));
    if (found?.rest.replaceAll(/[\s).,]/g, '') !== '') continue;
    return {
      ...found,
      before: text
        .slice(0, place)
        .replace(/(?:[\s:=(×@–-]|(?<=[\s(])x)+$/, '')
        .replace(/[\s:]+(?:about|approx\.?|around|roughly|ca\.?|some)$/, ''),
    };
  }
  return undefined;
}
