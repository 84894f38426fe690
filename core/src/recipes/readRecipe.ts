import { amountAt, amountAtEnd, normalised, type Amount } from './amount';
import type { RecipeUnit } from './units';

/** One line as it was understood. */
export interface ReadLine {
  /** The piece of the text that it was read from. */
  readonly text: string;
  readonly name: string;
  /** Other names that would do: "peat or coir". */
  readonly alternatives: readonly string[];
  /** A range where one was written; else both alike. */
  readonly lo: number;
  readonly hi: number;
  readonly unit: RecipeUnit;
  readonly optional: boolean;
}

/** Something that could mean two things, or nothing: asked, never guessed. */
export interface Doubt {
  readonly text: string;
  readonly ask: string;
}

export interface ReadRecipe {
  readonly lines: readonly ReadLine[];
  readonly doubts: readonly Doubt[];
}

const OPTIONAL = /\(?\b(?:optional(?:ly)?|if (?:you (?:like|have it|want)|available|wanted|needed))\b\)?/g;
const REST =
  /^(?:(?:and )?the (?:rest|remainder|balance)(?: is| of it)?(?: in)?|(?:topped|filled|made) up with|balance:?|remainder:?|rest:?)\s+/;
const REST_AFTER = /[,:]?\s*(?:for the rest|as the rest|to fill|(?:is |makes )?the (?:rest|remainder|balance))$/;
const VAGUE =
  /^(?:up to|mostly|mainly|a (?:little|bit of|dash of|pinch of|touch of|splash of)|some|plenty of|a lot of|lots of|enough|a sprinkle of|sprinkle of|dash of|pinch of)\s+/;

const withoutBullet = (text: string): string => text.replace(/^\s*(?:[-*•·–]\s+|\(?\d{1,2}[.)]\s+(?=\S))/, '');

function nameOf(text: string): string {
  return text
    .replace(/^\s*(?:of|of the|parts? of)\s+/, '')
    .replace(/^[\s:=,-]+|[\s:=,.;-]+$/g, '')
    .replace(/^(?:(?:i|we)\s+)?(?:and|plus|with|then|add|mix(?: in)?|take|use)\s+/, '')
    .replace(/^either\s+/, '')
    .trim();
}

const mayBeLeftOut = (text: string): boolean => text.search(OPTIONAL) >= 0;

/** A text without the words that say it may be left out. */
const required = (text: string): string => text.replaceAll(OPTIONAL, ' ').replaceAll(/\s+/g, ' ').trim();

/** A name with what else would do. */
function named(text: string): Pick<ReadLine, 'name' | 'alternatives' | 'optional'> {
  const [name = '', ...alternatives] = nameOf(required(text))
    .split(/\s+or\s+|\s*\/\s*/)
    .map(nameOf);
  return { name, alternatives, optional: mayBeLeftOut(text) };
}

const isAmountFirst = (text: string): boolean => amountAt(nameOf(required(text))) !== undefined || REST.test(text);

/** Whether a piece is whole by itself: an amount first, then a name. */
function isWhole(text: string): boolean {
  const found = amountAt(nameOf(required(text)));
  return found !== undefined && !/^(?:|to|or)$/.test(nameOf(found.rest));
}

/** Cuts a piece where `at` stands between two that are whole: "3 of bark to 1 of grit", "75 % bark 25 % grit". */
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

/** Cuts a text into pieces, one for each line; "and" parts pieces only where an amount follows or stands before. */
function pieces(text: string): string[] {
  return text
    .split(/\n|;|,(?!\d)|(?<=[A-Za-z)])\.\s+(?=[A-Za-z\d])|\s\+\s|\s&\s(?=\d)|\s\/\s(?=\d)|\+(?=\s*\d)/)
    .flatMap((piece) => {
      const parts = piece.split(/(?<!between \S+)\s+(?:and|plus|(?<!up )with)\s+/i);
      const joined: string[] = [];
      for (const part of parts) {
        const low = normalised(part);
        const before = joined.at(-1);
        const own = isAmountFirst(low) || amountAtEnd(low) !== undefined || VAGUE.test(low);
        if (before === undefined || own) joined.push(part);
        else joined[joined.length - 1] = `${before} and ${part}`;
      }
      return joined;
    })
    .flatMap((piece) => cutBetween(piece, /(\s+to\s+|\s+:\s+)/))
    .flatMap((piece) => cutBetween(piece, /(\s+)(?=\d+(?:[.,]\d+)?\s*(?:%|parts?\b))/))
    .map((piece) => withoutBullet(piece).trim())
    .filter(
      (piece) =>
        piece !== '' &&
        !/^(?:and|mix(?: well| together)?|recipe|ingredients?|potting mix|by volume|mix)[:.]?$/i.test(piece),
    );
}

type Read = { readonly line: ReadLine } | { readonly doubt: Doubt };

const doubt = (text: string, ask: string): Read => ({ doubt: { text, ask } });

function lineFrom(text: string, amount: Pick<Amount, 'lo' | 'hi' | 'unit'>, nameText: string): Read {
  const who = named(nameText);
  if (who.name === '') return doubt(text, 'What is it an amount of?');
  if (/\s+and\s+|&/.test(who.name)) return doubt(text, 'Is this one part together, or one of each?');
  if (
    /\d/.test(
      who.name.replace(/\([^)]*\)/g, '').replaceAll(/\d+(?:\.\d+)?\s*(?:-|–|to)?\s*(?:\d+(?:\.\d+)?)?\s*mm/g, ''),
    )
  )
    return doubt(text, 'There is more than one number here; which is the amount?');
  if (!(amount.lo > 0)) return doubt(text, 'An amount of nothing; leave it out or say how much.');
  const optional = mayBeLeftOut(normalised(text));
  return { line: { text, ...who, optional, lo: amount.lo, hi: amount.hi, unit: amount.unit ?? 'part' } };
}

function readPiece(piece: string): Read {
  const text = required(normalised(piece));
  if (VAGUE.test(text)) return doubt(piece, 'How much of it? Say parts, litres, or grams to the litre.');
  if (REST.test(text)) return lineFrom(piece, { lo: 1, hi: 1, unit: 'rest' }, text.replace(REST, ''));
  if (REST_AFTER.test(text)) return lineFrom(piece, { lo: 1, hi: 1, unit: 'rest' }, text.replace(REST_AFTER, ''));
  const first = amountAt(nameOf(text));
  if (first !== undefined && first.rest.trim() !== '') {
    const inBrackets = /^\s*\(?\s*$/.test(first.rest);
    if (!inBrackets) return lineFrom(piece, first, first.rest);
  }
  const last = amountAtEnd(text.replace(/[).]+$/, ''));
  if (last !== undefined && last.before !== '') return lineFrom(piece, last, last.before);
  return doubt(piece, 'How much of it?');
}

const RATIO = /(?:^|\s|\()(\d+(?:[.,]\d+)?(?:\s*:\s*\d+(?:[.,]\d+)?)+)(?=$|\s|\))/;
/** "40/40/20": two or more strokes, for one alone may be a fraction. */
const SHARES = /(?:^|\s|\()(\d+(?:\/\d+){2,})(?=$|\s|\))/;

/** "3:1 bark and pumice", "bark, pumice 3:1", "2:1:1 mix of peat, perlite and sand". */
function readRatio(text: string): ReadRecipe | undefined {
  const low = normalised(text).replace(/[.]+$/, '');
  const found = RATIO.exec(low) ?? SHARES.exec(low);
  if (found === null) return undefined;
  const amounts = (found[1] ?? '').split(/[:/]/).map((one) => Number(one.trim().replace(',', '.')));
  const others = `${low.slice(0, found.index)} ${low.slice(found.index + found[0].length)}`;
  const names = others
    .replace(/\(|\)/g, ' ')
    .replaceAll(/ +/g, ' ')
    .replace(/\b(?:a |in (?:a )?|at )?(?:mix|blend|mixture|ratio|proportions?)(?: of)?\b|^\s*of\b|\bby volume\b/g, ' ')
    .split(/\s*(?:,|:|\/|\+|&|\band\b|\bto\b|\n)\s*/)
    .map(nameOf)
    .filter((name) => name !== '');
  if (names.length !== amounts.length)
    return {
      lines: [],
      doubts: [
        { text, ask: `${String(amounts.length)} numbers and ${String(names.length)} names; which belongs to which?` },
      ],
    };
  return {
    lines: names.map((name, i) => ({
      text,
      ...named(name),
      lo: amounts[i] as number,
      hi: amounts[i] as number,
      unit: 'part' as const,
    })),
    doubts: [],
  };
}

/** "equal parts bark, pumice and loam", "half and half peat and perlite". */
function readEqual(text: string): ReadRecipe | undefined {
  const low = normalised(text).replace(/[.]+$/, '');
  const found =
    /^(?:equal (?:parts|amounts|volumes|measures|quantities)(?: of)?|(?:the )?same (?:amount )?of each:?|half and half|50\s*[:/]\s*50|(?:one|1|an?) (?:part|third|quarter|half|bucket|scoop|litre) each(?: of)?)\s*:?\s*(.+)$/.exec(
      low,
    ) ??
    /^(.+?),?\s+(?:in )?(?:equal (?:parts|amounts|volumes|measures|quantities)|half and half|50\s*[:/]\s*50|one part each|1 part each)$/.exec(
      low,
    );
  if (found === null) return undefined;
  const names = (found[1] ?? '')
    .split(/\s*(?:,|\+|&|\band\b|\/|\n)\s*/)
    .map(nameOf)
    .filter((name) => name !== '');
  if (names.some((name) => /\d/.test(name)) || names.length < 2)
    return { lines: [], doubts: [{ text, ask: 'Equal parts of what, and is anything else added?' }] };
  return {
    lines: names.map((name) => ({ text, ...named(name), lo: 1, hi: 1, unit: 'part' as const })),
    doubts: [],
  };
}

/**
 * Reads a recipe as people write it, in English, into lines for confirmation.
 *
 * Numbers as digits, decimals with point or comma, fractions and words; ranges "2-3"; units as in `UNIT_SPELLINGS`, bare
 * numbers as parts; "or" as alternatives, "optional", "the rest"; ratios "3:1" and "equal parts". A piece that has no
 * amount, a vague one, or more than one meaning becomes a doubt with what to ask; nothing is dropped in silence.
 * An empty text has neither lines nor doubts.
 */
export function readRecipe(text: string): ReadRecipe {
  const whole = text.trim();
  if (whole === '') return { lines: [], doubts: [] };
  const special = whole.includes('\n') ? undefined : (readEqual(whole) ?? readRatio(whole));
  if (special !== undefined) return special;
  const read = pieces(whole).map(readPiece);
  return {
    lines: read.flatMap((one) => ('line' in one ? [one.line] : [])),
    doubts: read.flatMap((one) => ('doubt' in one ? [one.doubt] : [])),
  };
}
