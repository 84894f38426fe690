import { isSlip, isWord } from '../names';

/** Units as they are written out; shorter ones are too near to other words to be put right. */
const UNITS = [
  'part',
  'parts',
  'bucket',
  'buckets',
  'scoop',
  'scoops',
  'shovel',
  'shovels',
  'handful',
  'handfuls',
  'barrow',
  'barrows',
  'litre',
  'litres',
  'liter',
  'liters',
  'gallon',
  'gallons',
  'quart',
  'quarts',
  'percent',
  'spoon',
  'spoons',
] as const;

const AFTER_A_NUMBER =
  /(?<=(?:^|[\s(])(?:[\d.,/½⅓⅔¼¾]+|an?|one|two|three|four|five|six|half)\s+)([a-z]{4,})(?=\s+[a-z])/g;

/** "2 prats bark" as "2 parts bark": a unit behind a number with one letter wrong, where it is no other word. */
export const withUnits = (text: string): string =>
  text.replaceAll(AFTER_A_NUMBER, (word: string) => {
    if (isWord(word) || UNITS.some((unit) => unit === word)) return word;
    const meant = UNITS.filter((unit) => unit.startsWith(word.charAt(0)) && isSlip(unit, word));
    return meant[0] ?? word;
  });
