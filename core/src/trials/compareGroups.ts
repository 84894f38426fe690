import type { Check } from '../errors';
import { defineMethod, list, object, type InputOf } from '../method';
import { meanOf, sdOf, type Friedman } from '../statistics';
import { blockTest, incompleteBlocks, pairedTests, rankTest, type Cells } from './blocks';
import type { Compared, ComparedPair, FTest } from './compared';
import { lettersOf } from './letters';
import { ALPHA, sentenceOf } from './sentence';
import { groupsOfUnits, TRIAL_GROUP, type GroupOfUnits } from './units';
import { gamesHowell, pairsOf, welchTest } from './welch';

const INPUT = object({ groups: list(TRIAL_GROUP, 'what was read of each medium, in one unit, at one age') });
export type CompareGroupsInput = InputOf<typeof INPUT>;

/** Fewer units of a group say too little of its own spread. */
const LEAST_UNITS = 3;

export interface CompareGroupsResult {
  readonly method: 'welch' | 'blocks' | 'incomplete-blocks' | 'none';
  readonly welch?: FTest;
  readonly blocks?: FTest;
  readonly incompleteBlocks?: FTest;
  readonly friedman?: Friedman;
  readonly groups: readonly {
    readonly name: string;
    readonly n: number;
    readonly mean: number;
    readonly sd?: number;
  }[];
  readonly pairs: readonly ComparedPair[];
  /** Groups that share a letter cannot be told apart; absent without a test. */
  readonly letters?: readonly { readonly name: string; readonly letters: string }[];
  /** No difference between two groups larger than this is likely. */
  readonly ruledOut?: number;
  readonly sentence: string;
  readonly checks: readonly Check[];
}

interface Tested {
  readonly method: CompareGroupsResult['method'];
  readonly test: FTest;
  readonly pairs: readonly Compared[];
  readonly friedman?: Friedman;
  readonly checks: readonly Check[];
}

const note = (code: string, message: string): Check => ({ code, severity: 'caution', message });

/** Why nothing can be tested, where that is so. */
function whyNot(groups: readonly GroupOfUnits[], inBlocks: boolean): Check | undefined {
  if (groups.some(({ units }) => units.length === 1))
    return note(
      'one-unit',
      'One unit of a group: it cannot be told apart whether the medium differs or the tray that it stood in. No test is made.',
    );
  if (inBlocks) return undefined;
  if (groups.some(({ units }) => units.length < LEAST_UNITS))
    return note(
      'few-units',
      `Fewer than ${String(LEAST_UNITS)} units of a group say too little of its spread. No test is made.`,
    );
  if (groups.some(({ units }) => sdOf(units.map(({ value }) => value)) === 0))
    return note('no-variance', 'All units of a group are alike: that is resolution, not precision. No test is made.');
  return undefined;
}

/** The blocks that units stand in, in their order; none unless every unit stands in one and there are two. */
function blocksOf(groups: readonly GroupOfUnits[]): readonly string[] {
  const blocks = groups.flatMap(({ units }) => units.map(({ block }) => block));
  if (blocks.some((block) => block === undefined)) return [];
  const names = [...new Set(blocks as string[])];
  return names.length > 1 ? names : [];
}

/** The mean of a group in each block; undefined where it does not stand there. */
const cellsOf = (groups: readonly GroupOfUnits[], blocks: readonly string[]): (number | undefined)[][] =>
  groups.map(({ units }) =>
    blocks.map((block) => {
      const own = units.filter((unit) => unit.block === block).map(({ value }) => value);
      return own.length === 0 ? undefined : meanOf(own);
    }),
  );

function testInBlocks(groups: readonly GroupOfUnits[], blocks: readonly string[]): Tested | Check {
  const cells = cellsOf(groups, blocks);
  if (cells.every((row) => row.every((value) => value !== undefined))) {
    const whole = cells as Cells;
    const test = blockTest(whole);
    const friedman = rankTest(whole);
    if (!Number.isFinite(test.f)) return note('no-variance', 'Within blocks nothing varies. No test is made.');
    const checks =
      blocks.length < LEAST_UNITS ? [note('few-blocks', 'Two blocks say little: only large differences show.')] : [];
    return {
      method: 'blocks',
      test,
      pairs: pairedTests(whole),
      ...(friedman === undefined ? {} : { friedman }),
      checks,
    };
  }
  const placed = cells.flatMap((row, group) =>
    row.flatMap((value, block) => (value === undefined ? [] : [{ group, block, value }])),
  );
  const fitted = incompleteBlocks(placed, groups.length, blocks.length);
  if (fitted === undefined || !Number.isFinite(fitted.test.f))
    return note(
      'blocks-do-not-link',
      'The blocks do not link all groups, or leave nothing to judge by. No test is made.',
    );
  return { method: 'incomplete-blocks', test: fitted.test, pairs: fitted.pairs, checks: [] };
}

function testOf(groups: readonly GroupOfUnits[]): Tested | Check {
  const blocks = blocksOf(groups);
  const cannot = whyNot(groups, blocks.length > 0);
  if (cannot !== undefined) return cannot;
  if (blocks.length > 0) return testInBlocks(groups, blocks);
  const values = groups.map(({ units }) => units.map(({ value }) => value));
  return { method: 'welch', test: welchTest(values), pairs: gamesHowell(values), checks: [] };
}

const TEST_FIELD = { welch: 'welch', blocks: 'blocks', 'incomplete-blocks': 'incompleteBlocks' } as const;

/**
 * Whether media differ, by the design of the trial: what was drawn by lot is the unit, and values of one unit are
 * averaged first.
 *
 * Without blocks: Welch's analysis of variance, every pair by Games and Howell, from three units a group on and none
 * without variance. Whole blocks: group + block without their interplay, pairs by t within blocks made ready by Holm,
 * ranks by Friedman and by Wilcoxon's pairs. Blocks in which not every group stands: least squares with blocks, pairs by
 * t, Holm. One unit of a group: differences, and no p anywhere. Difference = a - b. Throws for fewer than two groups,
 * an empty one, two of one name, a block or unit list of another length, values that are no numbers.
 * Sources: Welch (1951); Games and Howell (1976); Holm (1979); Friedman (1937); Wilcoxon (1945).
 * Example: [1, 2, 3] and [4, 5, 6]: F 13.5 on 1 and 4, difference -3 (-5.27 to -0.73), p 0.021.
 */
export function compareGroups({ groups: given }: CompareGroupsInput): CompareGroupsResult {
  const groups = groupsOfUnits(given);
  const told = groups.map(({ name, units }) => {
    const values = units.map(({ value }) => value);
    return { name, n: values.length, mean: meanOf(values), ...(values.length < 2 ? {} : { sd: sdOf(values) }) };
  });
  const nameOf = (place: number): string => (told[place] as (typeof told)[number]).name;
  const tested = testOf(groups);
  if ('code' in tested) {
    const pairs = pairsOf(told.length).map(([i, j]) => ({
      a: nameOf(i),
      b: nameOf(j),
      difference: (told[i]?.mean as number) - (told[j]?.mean as number),
    }));
    return { method: 'none', groups: told, pairs, sentence: tested.message, checks: [tested] };
  }
  const pairs = tested.pairs.map(({ i, j, ...rest }): ComparedPair => ({ a: nameOf(i), b: nameOf(j), ...rest }));
  const alike = tested.pairs.filter(({ p }) => p >= ALPHA);
  const ruledOut = Math.max(
    ...(alike.length === 0 ? tested.pairs : alike).map(({ ci95 }) => Math.max(...ci95.map(Math.abs))),
  );
  return {
    method: tested.method,
    [TEST_FIELD[tested.method as keyof typeof TEST_FIELD]]: tested.test,
    ...(tested.friedman === undefined ? {} : { friedman: tested.friedman }),
    groups: told,
    pairs,
    letters: lettersFor(told, tested.pairs),
    ruledOut,
    sentence: sentenceOf(pairs, ruledOut),
    checks: tested.checks,
  };
}

/** Letters from the largest mean down. */
function lettersFor(
  told: CompareGroupsResult['groups'],
  pairs: readonly Compared[],
): { readonly name: string; readonly letters: string }[] {
  const order = told.map((_, i) => i).sort((a, b) => (told[b]?.mean as number) - (told[a]?.mean as number));
  const differ = (x: number, y: number): boolean => {
    const [i, j] = [order[x] as number, order[y] as number].sort((a, b) => a - b);
    return (pairs.find((pair) => pair.i === i && pair.j === j)?.p ?? 1) < ALPHA;
  };
  const letters = lettersOf(told.length, differ);
  return told.map(({ name }, i) => ({ name, letters: letters[order.indexOf(i)] as string }));
}

export const compareGroupsMethod = defineMethod({
  name: 'compare-groups',
  version: 1,
  source: 'Welch, 1951; Games and Howell, 1976; Holm, 1979; Friedman, 1937; Wilcoxon, 1945.',
  schema: INPUT,
  calculate: compareGroups,
  outputs: {
    difference: {
      of: 'pairs[0].difference',
      sentence: 'How much higher the first is than the second, in the mean of what was drawn by lot.',
      formula: 'mean of the first − mean of the second; within blocks where there are blocks',
    },
    ruledOut: {
      of: 'ruledOut',
      sentence: 'No difference larger than this is likely between two that cannot be told apart.',
      formula: 'the farthest end of their 95 % intervals',
    },
  },
  golden: {
    input: {
      groups: [
        { name: 'A', values: [1, 2, 3] },
        { name: 'B', values: [4, 5, 6] },
      ],
    },
    gives: {
      method: 'welch',
      'welch.f': 13.5,
      'welch.df2': 4,
      'pairs[0].difference': -3,
      'pairs[0].p': 0.0213116411288,
      ruledOut: 5.2669579355,
    },
  },
});
