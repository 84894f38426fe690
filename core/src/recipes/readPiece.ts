import { amountAt, amountAtEnd, normalised, type Amount } from './amount';
import { inDoubt, type ReadRecipe } from './asRead';
import type { RecipeUnit } from './units';
import { mayBeLeftOut, named, nameOf, required } from './names';

const REST =
  /^(?:(?:and )?the (?:rest|remainder|balance)(?: is| of it)?(?: in)?|(?:topped|top|filled|fill|made|make) up with|balance:?|remainder:?|rest:?|otherwise)\s+/;
const REST_AFTER = /[,:]?\s*(?:for the rest|as the rest|to fill|(?:is |makes )?the (?:rest|remainder|balance))$/;
/** Amounts that leave open how much, or none at all. */
const VAGUE =
  /^(?:up to|at (?:least|most)|(?:no|not) more than|(?:more|less) than|mostly|mainly|an? (?:few|little|bit of|dash of|pinch of|touch of|splash of)|some|several|plenty of|a lot of|lots of|enough|a sprinkle of|sprinkle of|dash of|pinch of|no|without)\s+/;
const VAGUE_AFTER = /\b(?:as (?:needed|required|wanted)|to taste|as you like|by (?:weight|mass)|w\/w)\b/;
/** Weights, and vessels of nobody knows which size. */
const NO_VOLUME =
  /^(?:[b-z](?=\s+[a-z])|k?g|kgs|kilos?|kilogram(?:me)?s?|grams?|gm|oz|ounces?|lbs?|pounds?|yards?|tons?|tonnes?|pots?|tubs?|tins?|trugs?|trays?|cans?|boxes|box|crates?|bins?|loads?|trailers?|trowels?|trowelfuls?|spades?|spadefuls?|forks?|forkfuls?|bowls?|mugs?|pinch(?:es)?|jugs?|jars?|bales?|blocks?|bricks?)\b(?:\s+of\b)?/;
/** More of something only for so much of something else: "per bucket of peat". */
const EACH = /\s(?:per|(?:for|to) (?:each|every))\s/;

/** Something is taken out of it first. */
const LESS = /\s(?:minus|less|without|except)\s/;

/** A sum that is written beside its parts is no part. */
const SUM = /^(?:in )?(?:total|all|sum)\b/;
/** What no name has in it. */
const MORE = /\brest\b|%|=/;

/** Numbers of a name that are no amounts: what stands in brackets, grain sizes and grades. */
const SIZES =
  /\((?!\s*or\b)[^)]*\)|\d+(?:\.\d+)?\s*(?:-|–|to)?\s*(?:\d+(?:\.\d+)?)?\s*mm|\b(?:no\.?|grade|size|type)\s*\d+/g;
const NUMBER_WORDS = /\b(?:(?:one|an?) (?:of|parts?)|two|three|four|five|six|seven|eight|nine|ten|twelve)\b/;

/** Whether a name has a number that may be an amount of something else. */
export const hasNumber = (name: string): boolean => {
  const bare = name.replaceAll(SIZES, '');
  return /\d/.test(bare) || NUMBER_WORDS.test(bare);
};

const withoutRest = (text: string): string => nameOf(required(text));

export const isVague = (text: string): boolean => VAGUE.test(text);
export const isRest = (text: string): boolean => REST.test(text);

/** Whether a piece is whole by itself: an amount first, then a name. */
export function isWhole(text: string): boolean {
  const found = amountAt(withoutRest(text).replace(VAGUE, ''));
  if (isRest(text)) return true;
  return found !== undefined && !/^(?:|to|or)$/.test(nameOf(found.rest));
}

/** Whether an amount alone stands there, and no name. */
export function isBareAmount(text: string): boolean {
  const found = amountAt(withoutRest(text));
  return found !== undefined && /^[\s.)]*$/.test(found.rest);
}

function lineFrom(text: string, amount: Pick<Amount, 'lo' | 'hi' | 'unit'>, nameText: string): ReadRecipe {
  if (amount.unit === undefined && NO_VOLUME.test(nameText.trim()))
    return inDoubt(text, 'How much is that loose? Say parts, litres, or grams to the litre.');
  const who = named(nameText);
  if (who.name === '' || SUM.test(who.name)) return inDoubt(text, 'What is it an amount of?');
  if (MORE.test(who.name)) return inDoubt(text, 'Is there more than one part here?');
  if (LESS.test(who.name)) return inDoubt(text, 'What of it is taken away, and how much is left?');
  if (/\s+and\s+|&/.test(who.name)) return inDoubt(text, 'Is this one part together, or one of each?');
  if (EACH.test(nameText) || who.alternatives.some(isBareAmount))
    return inDoubt(text, 'How much is that in the whole? Say parts, litres, or g/L.');
  if ([who.name, ...who.alternatives].some(hasNumber))
    return inDoubt(text, 'There is more than one number here; which is the amount?');
  if (!(amount.lo > 0)) return inDoubt(text, 'An amount of nothing; leave it out or say how much.');
  const { lo, hi, unit = 'part' } = amount;
  return { lines: [{ text, ...who, optional: mayBeLeftOut(normalised(text)), lo, hi, unit }], doubts: [] };
}

/** "12 litres of bark, six of pumice": a bare number of something counts in what the line before counted in. */
const continued = (amount: Amount, before: RecipeUnit | undefined): Amount =>
  amount.unit === undefined && before !== undefined && before !== 'gPerL' && /^\s*of\b/.test(amount.rest)
    ? { ...amount, unit: before }
    : amount;

/** One piece of a recipe's text as a line, or as a doubt; `before` is the unit of the line before it. */
export function readPiece(piece: string, before?: RecipeUnit): ReadRecipe {
  const text = required(normalised(piece));
  if (VAGUE.test(text) || VAGUE_AFTER.test(text))
    return inDoubt(piece, 'How much of it? Say parts, litres, or grams to the litre.');
  const rest = REST.test(text) ? text.replace(REST, '') : REST_AFTER.test(text) ? text.replace(REST_AFTER, '') : '';
  // "Topped up with 1 bucket bark" says how much; the rest does not.
  if (rest !== '' && !isWhole(rest)) return lineFrom(piece, { lo: 1, hi: 1, unit: 'rest' }, rest);
  const first = amountAt(nameOf(rest === '' ? text : rest));
  if (first !== undefined && !/^\s*\(?\s*$/.test(first.rest))
    return lineFrom(piece, continued(first, before), first.rest);
  const last = amountAtEnd(text.replace(/[).]+$/, ''));
  if (last !== undefined && last.before !== '') return lineFrom(piece, last, last.before);
  return inDoubt(piece, 'How much of it?');
}
