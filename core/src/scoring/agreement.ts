import { refuse, type Check } from '../errors';
import { defineMethod, list, numberOrNull, object, type InputOf } from '../method';
import { fQuantile, meanOf } from '../statistics';

const INPUT = object({
  ratings: list(list(numberOrNull), 'items x raters; null where a rating is missing'),
});
export type AgreementInput = InputOf<typeof INPUT>;

export interface AgreementResult {
  /** Two-way random, absolute agreement, of a single rater. Absent without two raters or two complete items. */
  readonly icc21?: number;
  readonly icc21_ci95?: readonly [number, number];
  /** Mean of what any two raters differ by on the same item; absent where no item has two. */
  readonly meanAbsoluteDifference?: number;
  /** Each rater's mean less the mean of all, in the order of the columns. */
  readonly lean: readonly number[];
  /** Items that every rater rated: the others leave the ICC. */
  readonly complete: number;
  /** What the lower end of the interval deserves to be called. */
  readonly words?: string;
  readonly checks: readonly Check[];
}

/** From so many complete items on an ICC says something. */
export const ENOUGH_ITEMS = 8;

/** By the lower end of the interval: an ICC that could be low is not called good. */
const WORDS = [
  { from: 0.9, word: 'excellent' },
  { from: 0.75, word: 'good' },
  { from: 0.5, word: 'middling' },
  { from: -Infinity, word: 'poor' },
] as const;

interface Squares {
  readonly items: number;
  readonly raters: number;
  readonly error: number;
}

/** Mean squares of the two-way table. */
function meanSquares(rows: readonly (readonly number[])[]): Squares {
  const n = rows.length;
  const k = (rows[0] as readonly number[]).length;
  const grand = meanOf(rows.flat());
  const ofItems = rows.reduce((sum, row) => sum + k * (meanOf(row) - grand) ** 2, 0);
  const columns = Array.from({ length: k }, (_, j) => meanOf(rows.map((row) => row[j] as number)));
  const ofRaters = columns.reduce((sum, mean) => sum + n * (mean - grand) ** 2, 0);
  const rest = rows.reduce(
    (sum, row) => sum + row.reduce((s, v, j) => s + (v - meanOf(row) - (columns[j] as number) + grand) ** 2, 0),
    0,
  );
  return { items: ofItems / (n - 1), raters: ofRaters / (k - 1), error: rest / ((n - 1) * (k - 1)) };
}

/** McGraw and Wong (1996), case 2, ICC(A,1), with its 95 % interval. */
function icc(rows: readonly (readonly number[])[]): Pick<AgreementResult, 'icc21' | 'icc21_ci95'> {
  const n = rows.length;
  const k = (rows[0] as readonly number[]).length;
  const { items, raters, error } = meanSquares(rows);
  const whole = items + (k - 1) * error + (k * (raters - error)) / n;
  // Everybody gave everything the same mark: there is nothing to agree about.
  if (!(whole > 0)) return {};
  const icc21 = (items - error) / whole;
  if (error === 0 && raters === 0) return { icc21, icc21_ci95: [1, 1] };
  const a = (k * icc21) / (n * (1 - icc21));
  const b = 1 + (k * icc21 * (n - 1)) / (n * (1 - icc21));
  const df = (a * raters + b * error) ** 2 / ((a * raters) ** 2 / (k - 1) + (b * error) ** 2 / ((n - 1) * (k - 1)));
  const spread = k * raters + (k * n - k - n) * error;
  const lower = fQuantile(0.975, n - 1, df);
  const upper = fQuantile(0.975, df, n - 1);
  return {
    icc21,
    icc21_ci95: [
      (n * (items - lower * error)) / (lower * spread + n * items),
      (n * (upper * items - error)) / (spread + n * upper * items),
    ],
  };
}

const isRating = (value: number | null): value is number => value !== null;

/** Mean absolute difference over every pair of raters on every item that both rated. */
function meanDifference(ratings: AgreementInput['ratings']): number | undefined {
  const differences = ratings.flatMap((row) => {
    const given = row.filter(isRating);
    return given.flatMap((one, i) => given.slice(i + 1).map((other) => Math.abs(one - other)));
  });
  return differences.length === 0 ? undefined : meanOf(differences);
}

/** Ratings of one column. */
const ratingsBy = (ratings: AgreementInput['ratings'], rater: number): number[] =>
  ratings.map((row) => row[rater] as number | null).filter(isRating);

function leans(ratings: AgreementInput['ratings'], raters: number): number[] {
  const all = meanOf(ratings.flatMap((row) => row.filter(isRating)));
  return Array.from({ length: raters }, (_, j) => meanOf(ratingsBy(ratings, j)) - all);
}

function checksOf(complete: number, raters: number, spreadless: boolean): Check[] {
  if (raters < 2)
    return [{ code: 'one-rater', severity: 'note', message: 'One rater alone cannot agree with anybody.' }];
  if (complete < 2)
    return [
      {
        code: 'no-items',
        severity: 'note',
        message: 'Fewer than two items were rated by all: there is no ICC.',
      },
    ];
  if (spreadless)
    return [
      { code: 'no-spread', severity: 'note', message: 'Every mark is the same: there is nothing to agree about.' },
    ];
  if (complete < ENOUGH_ITEMS)
    return [
      {
        code: 'few-items',
        severity: 'caution',
        message: `Only ${String(complete)} items were rated by all; from ${String(ENOUGH_ITEMS)} on the ICC says something.`,
      },
    ];
  return [];
}

/**
 * How far raters agree over a series: ICC(2,1) with its 95 % interval (McGraw and Wong 1996), mean absolute difference,
 * each rater's lean.
 *
 * `ratings` are items by raters in points of 0 to 10, null for a missing one; items with a missing rating leave the ICC,
 * not the rest. An ICC may be low only because the items are alike: read it beside the mean absolute difference.
 * Throws for no items, rows of different length, a rater without a rating. Shrout and Fleiss's six by four: 0.2898, 0.0188 to 0.7611.
 */
export function agreement(input: AgreementInput): AgreementResult {
  const { ratings } = input;
  if (ratings.length === 0) refuse('ratings', 'an empty list agrees about nothing; give items by raters');
  const raters = (ratings[0] as readonly unknown[]).length;
  if (raters === 0) refuse('ratings[0]', 'an item needs at least one rater');
  ratings.forEach((row, i) => {
    if (row.length !== raters)
      refuse(`ratings[${String(i)}]`, `it has ${String(row.length)} ratings where the first has ${String(raters)}`);
  });
  for (let j = 0; j < raters; j += 1)
    if (ratingsBy(ratings, j).length === 0)
      refuse('ratings', `rater ${String(j + 1)} rated nothing; leave the column out`);
  const rows = ratings.filter((row): row is readonly number[] => row.every(isRating));
  const mean = meanDifference(ratings);
  const found = raters < 2 || rows.length < 2 ? {} : icc(rows);
  const lowest = found.icc21_ci95?.[0];
  const words = lowest === undefined ? undefined : WORDS.find(({ from }) => lowest >= from)?.word;
  return {
    ...found,
    ...(mean === undefined ? {} : { meanAbsoluteDifference: mean }),
    lean: leans(ratings, raters),
    complete: rows.length,
    ...(words === undefined || rows.length < ENOUGH_ITEMS ? {} : { words }),
    checks: checksOf(rows.length, raters, found.icc21 === undefined),
  };
}

export const agreementMethod = defineMethod({
  name: 'agreement',
  version: 1,
  source: 'McGraw and Wong 1996, ICC(A,1) with its interval.',
  schema: INPUT,
  calculate: agreement,
  outputs: {
    icc: {
      of: 'icc21',
      sentence: 'Part of all the scatter in the marks that is between the products, and not between raters.',
      formula: '(MSR − MSE) / (MSR + (k − 1) MSE + k (MSC − MSE) / n)',
    },
    difference: {
      of: 'meanAbsoluteDifference',
      sentence: 'What two raters differ by on the same sample, on average.',
      formula: 'mean |x − y| over pairs of raters',
    },
  },
  golden: {
    // Shrout and Fleiss 1979, table 2; their ICC(2,1) is 0.29.
    input: {
      ratings: [
        [9, 2, 5, 8],
        [6, 1, 3, 2],
        [8, 4, 6, 8],
        [7, 1, 2, 6],
        [10, 5, 6, 9],
        [6, 2, 4, 7],
      ],
    },
    gives: {
      icc21: 0.28976377952755905,
      'icc21_ci95[0]': 0.018786513374711995,
      'icc21_ci95[1]': 0.7610843696489527,
      meanAbsoluteDifference: 3.083333333333,
    },
  },
});
