import { expect, it } from 'vitest';
import { seededRandom } from '../scoring';
import { partsOf, readRecipe, type ReadRecipe } from '.';

/** So many seeded texts in a test run; `npm run trials` reads all. */
const TEXTS = process.env.BENT_PAIL_TRIALS === undefined ? 1500 : 20_000;

const NAMES = [
  'bark',
  'fine bark',
  'coco peat',
  'perlite',
  'sharp sand',
  'house mix',
  'char',
  'grit 2-6 mm',
  'x',
  'lime',
];
const UNITS = [
  '',
  'parts',
  'part',
  '%',
  'litres',
  'L',
  'scoops',
  'buckets',
  'handfuls',
  'g/L',
  'cups',
  'cu ft',
  'prats',
  'kg',
];
const BEFORE = [
  '',
  '',
  '',
  'about ',
  'half ',
  'a third each of ',
  'some ',
  'the rest ',
  'equal parts ',
  'a handful of ',
  '- ',
  'plus ',
];
const AFTER = ['', '', '', ' (optional)', ' to taste', ' each', ' or coir', ', more or less', ' on top', ' per bucket'];
const BETWEEN = [', ', '; ', '\n', ' and ', ' + ', ' / ', ' : ', ' ', '. ', ' with ', ' to '];
const ODD = ['', '', '', '(', ')', '::', '--', '½', ' of of ', '%%', '…', '\t', '1/0', ',,', 'ph 6', '1e9', '²'];

function textOf(random: () => number): string {
  const pick = (from: readonly string[]): string => from[Math.floor(random() * from.length)] ?? '';
  const amount = (): string => {
    const whole = 1 + Math.floor(random() * 60);
    return random() < 0.2 ? `${String(whole)}-${String(whole + 1 + Math.floor(random() * 9))}` : String(whole);
  };
  const line = (): string => {
    const first =
      random() < 0.8 ? `${amount()} ${pick(UNITS)} ${pick(NAMES)}` : `${pick(NAMES)} ${amount()} ${pick(UNITS)}`;
    return `${pick(BEFORE)}${first}${pick(AFTER)}${pick(ODD)}`;
  };
  const between = pick(BETWEEN);
  return Array.from({ length: 1 + Math.floor(random() * 5) }, line).join(random() < 0.8 ? between : pick(BETWEEN));
}

const numbersIn = (text: string): string[] => text.match(/\d+/g) ?? [];

/** Numbers of a text that are neither an amount or a name of a line, nor in what is asked about. */
function lost(text: string, { lines, doubts }: ReadRecipe): string[] {
  const kept = new Set(
    [
      ...lines.flatMap(({ lo, hi, name, alternatives }) => [String(lo), String(hi), name, ...alternatives]),
      ...doubts.map((doubt) => doubt.text),
    ].flatMap(numbersIn),
  );
  return numbersIn(text).filter((number) => !kept.has(number));
}

it('whatever is written: no exception, and every number is in a line or asked about', () => {
  const random = seededRandom(20261129);
  for (let i = 0; i < TEXTS; i += 1) {
    const text = textOf(random);
    const read = readRecipe(text);
    expect(lost(text, read), `${text} ${JSON.stringify(read)}`).toEqual([]);
    for (const { lo, hi } of read.lines) expect(lo > 0 && hi >= lo && Number.isFinite(hi), text).toBe(true);
    expect(partsOf(read.lines).lines).toHaveLength(read.lines.length);
  }
});
