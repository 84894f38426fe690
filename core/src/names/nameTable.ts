import { DOSED_CLASSES, MEDIA_CLASS_NAMES } from '../classes';
import { COMMON_NAMES, type CommonName } from './commonNames';
import { DOSED_NAMES } from './dosedNames';
import { isSlip } from './slips';
import { wordsOf } from './wordsOf';

/** A name of the table, and what it means. */
export interface KnownName {
  readonly name: string;
  readonly entry: CommonName;
}

/** Words without the spaces between them: `coco peat` and `cocopeat` are one name. */
export const keyOf = (words: readonly string[]): string => words.join('');

const namesIn = (entry: CommonName): string[] =>
  entry.names
    .split(';')
    .map((name) => name.trim().replaceAll(/\s+/g, ' '))
    .filter((name) => name !== '');

/** What a class calls itself: its label up to its sizes. */
const ownNames: readonly CommonName[] = [...MEDIA_CLASS_NAMES, ...DOSED_CLASSES].map(({ id, label }) => ({
  means: [id],
  names: [
    label.replace(/\s*[,(].*$/, '') === '' ? label : label.replaceAll(/\(.*?\)/g, ''),
    id.replaceAll('-', ' '),
  ].join(';'),
}));

const table = new Map<string, KnownName>();
const vocabulary = new Set<string>();
for (const entry of [...COMMON_NAMES, ...DOSED_NAMES, ...ownNames])
  for (const name of namesIn(entry)) {
    const words = wordsOf(name);
    for (const word of words) if (!/^\d/.test(word)) vocabulary.add(word);
    // What the tables of names say comes before what a class calls itself.
    if (!table.has(keyOf(words))) table.set(keyOf(words), { name, entry });
  }
for (const key of table.keys()) vocabulary.add(key);

/** The longest name of the table, in words. */
export const LONGEST = 6;

/** How many names there are. */
export const NAMES = table.size;

export const knownName = (words: readonly string[]): KnownName | undefined => table.get(keyOf(words));

export const isWord = (word: string): boolean => vocabulary.has(word);

/** Shorter words are too near to others to be put right. */
const SURE_LENGTH = 6;

/** The one word of the table that a mistyped one can only mean; undefined where there is none, or more than one. */
export function unslipped(word: string): string | undefined {
  if (word.length < SURE_LENGTH || isWord(word)) return undefined;
  const near = [...vocabulary].filter(
    (one) => one.length >= SURE_LENGTH - 1 && one.startsWith(word.charAt(0)) && isSlip(one, word),
  );
  return near.length === 1 ? near[0] : undefined;
}
