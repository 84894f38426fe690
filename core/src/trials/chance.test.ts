import { describe, expect, it } from 'vitest';
import { normalDraw, seededRandom, type Random } from '../scoring';
import { compareGroups, germination, type CompareGroupsResult } from '.';
import { welchTest } from './welch';

/** Trials of each design: a sample in every test run, twenty thousand by `npm run trials`. */
const IN_FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const TRIALS = IN_FULL ? 20_000 : 500;
/** Where every pair asks for the studentised range, which is slow. */
const FEW_TRIALS = IN_FULL ? 2000 : 20;

/** How far a share may lie from where it is wanted, by chance alone: four standard errors of so many trials. */
const chance = (share: number, of = TRIALS): number => 4 * Math.sqrt((share * (1 - share)) / of);

interface Tally {
  readonly rejects: number;
  readonly anyPair: number;
  readonly anyRank: number;
  readonly covers: number;
  readonly friedman: number;
}

interface Drawn {
  readonly groups: { name: string; values: number[]; block?: string[] }[];
  /** What truly lies between two groups. */
  readonly between: (i: number, j: number) => number;
}

function tally(seed: number, draw: (random: Random) => Drawn, of = TRIALS): Tally {
  const random = seededRandom(seed);
  const counts = { rejects: 0, anyPair: 0, anyRank: 0, covers: 0, pairs: 0, friedman: 0 };
  for (let i = 0; i < of; i += 1) {
    const { groups, between } = draw(random);
    const found: CompareGroupsResult = compareGroups({ groups });
    const test = found.welch ?? found.blocks ?? found.incompleteBlocks;
    if ((test?.p ?? 1) < 0.05) counts.rejects += 1;
    if ((found.friedman?.p ?? 1) < 0.05) counts.friedman += 1;
    if (found.pairs.some(({ p = 1 }) => p < 0.05)) counts.anyPair += 1;
    if (found.pairs.some(({ pRanks = 1 }) => pRanks < 0.05)) counts.anyRank += 1;
    const at = (name: string): number => groups.findIndex((one) => one.name === name);
    for (const { a, b, ci95 } of found.pairs) {
      const truth = between(at(a), at(b));
      counts.pairs += 1;
      if (ci95 !== undefined && ci95[0] <= truth && truth <= ci95[1]) counts.covers += 1;
    }
  }
  return {
    rejects: counts.rejects / of,
    anyPair: counts.anyPair / of,
    anyRank: counts.anyRank / of,
    friedman: counts.friedman / of,
    covers: counts.covers / counts.pairs,
  };
}

const NAMES = ['A', 'B', 'C', 'D', 'E'];
const nothingBetween = (): number => 0;

/** Groups of one mean with spreads that differ. */
const freely =
  (groups: number, n: number, spreads: readonly number[]) =>
  (random: Random): Drawn => ({
    groups: NAMES.slice(0, groups).map((name, g) => ({
      name,
      values: Array.from({ length: n }, () => 50 + (spreads[g] ?? 1) * normalDraw(random)),
    })),
    between: nothingBetween,
  });

const inBlocks =
  (groups: number, blocks: number) =>
  (random: Random): Drawn => {
    const levels = Array.from({ length: blocks }, () => 5 * normalDraw(random));
    return {
      groups: NAMES.slice(0, groups).map((name) => ({
        name,
        values: levels.map((level) => 50 + level + normalDraw(random)),
        block: levels.map((_, b) => `s${String(b)}`),
      })),
      between: nothingBetween,
    };
  };

/** What was found, for whoever runs them all. */
function tell(design: string, { rejects, friedman, anyPair, anyRank, covers }: Tally): void {
  if (!IN_FULL) return;
  const said = Object.entries({ rejects, friedman, anyPair, anyRank, covers }).map(
    ([what, share]) => `${what} ${(100 * share).toFixed(2)} %`,
  );
  process.stdout.write(`${design}: ${said.join(', ')}\n`);
}

describe('where nothing differs', () => {
  it.each([
    ['two groups of five', 2, 5, [1, 1]],
    ['four groups of six', 4, 6, [1, 1, 1, 1]],
    ['five groups of eight, spreads apart', 5, 8, [1, 1, 2, 2, 3]],
  ] as const)('%s: Welch’s test by itself, as often as all others', (name, groups, n, spreads) => {
    const random = seededRandom(19);
    let rejects = 0;
    for (let i = 0; i < TRIALS; i += 1)
      if (welchTest(freely(groups, n, spreads)(random).groups.map(({ values }) => values)).p < 0.05) rejects += 1;
    if (IN_FULL) process.stdout.write(`${name}, Welch: rejects ${((100 * rejects) / TRIALS).toFixed(2)} %\n`);
    expect(Math.abs(rejects / TRIALS - 0.05)).toBeLessThan(0.007 + chance(0.05));
  });

  it.each([
    ['two groups of four', 2, 4, [1, 1]],
    ['four groups of six', 4, 6, [1, 1, 1, 1]],
    ['five groups of eight, spreads apart', 5, 8, [1, 1, 2, 2, 3]],
  ] as const)(
    '%s without blocks are told apart once in twenty',
    (name, groups, n, spreads) => {
      const found = tally(17, freely(groups, n, spreads), FEW_TRIALS);
      tell(name, found);
      expect(Math.abs(found.rejects - 0.05)).toBeLessThan(0.007 + chance(0.05, FEW_TRIALS));
      expect(found.anyPair).toBeLessThan(0.055 + chance(0.055, FEW_TRIALS));
      expect(found.covers).toBeGreaterThan(0.943 - chance(0.943, FEW_TRIALS));
    },
    600_000,
  );

  it.each([
    ['five media on four shelves', 5, 4],
    ['three media on eight', 3, 8],
  ] as const)(
    '%s are told apart once in twenty, by ranks no more often',
    (name, groups, blocks) => {
      const found = tally(23, inBlocks(groups, blocks));
      tell(name, found);
      expect(Math.abs(found.rejects - 0.05)).toBeLessThan(0.007 + chance(0.05));
      expect(found.friedman).toBeLessThan(0.055 + chance(0.055));
      expect(found.anyPair).toBeLessThan(0.055 + chance(0.055));
      expect(found.anyRank).toBeLessThan(0.055 + chance(0.055));
      expect(Math.abs(found.covers - 0.95)).toBeLessThan(0.007 + chance(0.05));
    },
    600_000,
  );

  it('small blocks that do not hold all are no bolder', () => {
    const pairs = [
      [0, 1, 2],
      [0, 3, 4],
      [1, 3, 4],
      [2, 0, 3],
      [1, 2, 4],
      [0, 1, 4],
      [2, 3, 4],
      [1, 2, 3],
    ];
    const found = tally(29, (random) => {
      const levels = pairs.map(() => 5 * normalDraw(random));
      return {
        groups: NAMES.map((name, g) => {
          const own = pairs.flatMap((block, b) => (block.includes(g) ? [b] : []));
          return {
            name,
            values: own.map((b) => 50 + (levels[b] as number) + normalDraw(random)),
            block: own.map((b) => `s${String(b)}`),
          };
        }),
        between: nothingBetween,
      };
    });
    tell('small blocks', found);
    expect(Math.abs(found.rejects - 0.05)).toBeLessThan(0.007 + chance(0.05));
    expect(found.anyPair).toBeLessThan(0.055 + chance(0.055));
    expect(Math.abs(found.covers - 0.95)).toBeLessThan(0.007 + chance(0.05));
  }, 600_000);

  it('seeds and trays of seeds come up alike', () => {
    const random = seededRandom(31);
    let [seeds, trays] = [0, 0];
    const of = FEW_TRIALS;
    const up = (sown: number, share: number): number =>
      Array.from({ length: sown }, () => (random() < share ? 1 : 0)).reduce((sum: number, one) => sum + one, 0);
    for (let i = 0; i < of; i += 1) {
      const alone = NAMES.slice(0, 3).map((name) => ({ name, sown: 30, byDay: [up(30, 0.7)] }));
      if (germination({ groups: alone }).pairs.some(({ p = 1 }) => p < 0.05)) seeds += 1;
      // Trays differ more than their seeds alone would: that is what they are the unit for.
      const inTrays = NAMES.slice(0, 3).map((name) => ({
        name,
        trays: Array.from({ length: 6 }, () => ({ sown: 25, byDay: [up(25, 0.55 + 0.35 * random())] })),
      }));
      if (germination({ groups: inTrays }).pairs.some(({ p = 1 }) => p < 0.05)) trays += 1;
    }
    expect(seeds / of).toBeLessThan(0.055 + chance(0.055, of));
    expect(trays / of).toBeLessThan(0.055 + chance(0.055, of));
  }, 600_000);
});
