import { amountAt, amountAtEnd, normalised } from './amount';
import { nameOf, required } from './names';
import { isBareAmount, isRest, isVague, isWhole } from './readPiece';

const withoutBullet = (text: string): string => text.replace(/^\s*(?:[-*•·–]\s+|\(?\d{1,2}[.)]\s+(?=\S))/, '');

/** What stands above or before a recipe and names it: "Mix for the baskets: …", "For 100 L: …". */
const HEADING = /^(?:(?:my|our|the)\s+)?(?:recipe|mix|blend|potting mix|for)\b[^:\n]*:\s*/i;
const NO_LINE = /^(?:and|mix(?: well| together)?|recipe|ingredients?|potting mix|by volume|mix)[:.]?$/i;

/** Signs between lines: not in brackets, not in a decimal, not after a shortened word. */
const SIGNS =
  /;|,(?!\d)(?![^()]*\))|(?<=[a-z)])(?<!\b(?:no|nr|ca|approx|vol|cu|ft|gals?|qts?|pts?|pct|lit|ltr))\.\s+(?=[a-z\d])|\s\+\s|\s&\s(?=\d)|(?<=[a-z)]\s*)\/(?=\s*\d)|\+(?=\s*\d)/i;
/** "And" between lines; "between 2 and 3" and "one and a half" are amounts. */
const WORDS_BETWEEN =
  /(?<!between \S+)\s+(?:and(?! (?:then|an? (?:half|quarter|third) (?:of|parts|litres|buckets|scoops)))|plus|(?<!up )with|(?:and )?(?:then )?add|(?:and )?then)\s+/i;
/** "3 of bark to 1 of grit", "2 bark : 1 grit". */
const RATIO_BETWEEN = /(\s+to\s+|\s*:\s*)/;
/** Before an amount that follows without any sign: "75 % bark 25 % grit", "½ peat ¼ bark". */
const NEXT_AMOUNT =
  /(?<!\d|\b(?:minus|less|of|or|x|and|an?|the|other|one|two|three|every|each))(\s+)(?=(?:\d+\s*)?(?:[½⅓⅔¼¾⅕⅖⅛⅙]|\d+\/\d+\s)|\d+(?:[.,]\d+)?\s*(?:%|(?:parts?|litres?|liters?|l|gallons?|gal)\b)|(?:the\s+)?rest\s+\S|(?:(?:the other|one|two|three|an?)\s+)?(?:half|thirds?|quarters?)\s+(?!and\b|of\s+it\b)[a-z])/i;

const isAmountFirst = (text: string): boolean => amountAt(nameOf(required(text))) !== undefined || isRest(text);

/** Cuts at "and", "plus" and "with", but only where what follows has an amount of its own. */
function cutAtWords(piece: string): string[] {
  const joined: string[] = [];
  for (const part of piece.split(WORDS_BETWEEN)) {
    const low = normalised(part);
    const before = joined.at(-1);
    const own = isAmountFirst(low) || amountAtEnd(low) !== undefined || isVague(low);
    if (before === undefined || own) joined.push(part);
    else joined[joined.length - 1] = `${before} and ${part}`;
  }
  return joined;
}

/** Cuts a piece where `at` stands between two that are whole. */
function cutBetween(piece: string, at: RegExp): string[] {
  const joined: string[] = [];
  let between = '';
  for (const [i, part] of piece.split(at).entries()) {
    // Odd parts are what stands between.
    if (i % 2 === 1) {
      between = part;
      continue;
    }
    const before = joined.at(-1);
    if (before === undefined || (isWhole(normalised(before)) && isWhole(normalised(part)))) joined.push(part);
    else joined[joined.length - 1] = `${before}${between}${part}`;
  }
  return joined;
}

/** An amount alone belongs to the name before it, if that has none: "bark, 3 parts". */
function withTheirAmounts(pieces: readonly string[]): string[] {
  const joined: string[] = [];
  for (const piece of pieces) {
    const before = joined.at(-1);
    const lacks = before !== undefined && !isAmountFirst(normalised(before)) && !amountAtEnd(normalised(before));
    if (lacks && isBareAmount(normalised(piece))) joined[joined.length - 1] = `${before}: ${piece}`;
    else joined.push(piece);
  }
  return joined;
}

function piecesOfLine(line: string): string[] {
  const cut = withoutBullet(line)
    .split(SIGNS)
    .flatMap(cutAtWords)
    .flatMap((piece) => cutBetween(piece, RATIO_BETWEEN))
    .flatMap((piece) => cutBetween(piece, NEXT_AMOUNT))
    .map((piece) => withoutBullet(piece).trim())
    .filter((piece) => piece !== '' && !NO_LINE.test(piece));
  return withTheirAmounts(cut);
}

/** Whether there is an amount in parts in a text: then it is no heading, but a line itself. */
const holdsParts = (text: string): boolean =>
  normalised(text)
    .split(' ')
    .some((_, i, words) => {
      const found = amountAt(words.slice(i).join(' '));
      return found !== undefined && (found.unit ?? 'part') === 'part';
    });

function withoutHeading(text: string): string {
  const heading = HEADING.exec(text)?.[0] ?? '';
  return holdsParts(heading) ? text : text.slice(heading.length);
}

/** Cuts a text into pieces, one for each line of the recipe. */
export function pieces(text: string): string[] {
  const whole = withoutHeading(text).replaceAll(/\b(\d+)\s+and\s+(?=\d+\/\d+)/g, '$1 ');
  return whole.split('\n').flatMap(piecesOfLine);
}
