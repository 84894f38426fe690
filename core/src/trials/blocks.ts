import { solveSymmetric, invertSymmetric } from '../numeric';
import { fAbove, friedman, holm, meanOf, sdOf, signedRank, studentT, tBeyond, type Friedman } from '../statistics';
import type { Compared, FTest } from './compared';
import { pairsOf } from './welch';

/** Means of groups in blocks: `cells[group][block]`. */
export type Cells = readonly (readonly number[])[];

/** Groups and blocks added up: two-way analysis of variance without their interplay. Source: Fisher (1925). */
export function blockTest(cells: Cells): FTest {
  const [k, n] = [cells.length, cells[0]?.length ?? 0];
  const mean = meanOf(cells.flat());
  const ofGroup = cells.map((row) => meanOf(row));
  const ofBlock = Array.from({ length: n }, (_, b) => meanOf(cells.map((row) => row[b] as number)));
  const between = (n * ofGroup.reduce((sum, one) => sum + (one - mean) ** 2, 0)) / (k - 1);
  const left = cells.reduce(
    (sum, row, g) =>
      sum +
      row.reduce((own, value, b) => own + (value - (ofGroup[g] as number) - (ofBlock[b] as number) + mean) ** 2, 0),
    0,
  );
  const [df1, df2] = [k - 1, (k - 1) * (n - 1)];
  const f = between / (left / df2);
  return { f, df1, df2, p: fAbove(f, df1, df2) };
}

/** Pairs by their differences within blocks, by t and by ranks, each family made ready by Holm. */
export function pairedTests(cells: Cells): Compared[] {
  const pairs = pairsOf(cells.length).map(([i, j]) => {
    const differences = (cells[i] as readonly number[]).map(
      (value, b) => value - ((cells[j] as readonly number[])[b] as number),
    );
    const n = differences.length;
    const difference = meanOf(differences);
    const se = sdOf(differences) / Math.sqrt(n);
    const half = studentT(0.975, n - 1) * se;
    const p = se === 0 ? (difference === 0 ? 1 : 0) : tBeyond(difference / se, n - 1);
    return {
      i,
      j,
      difference,
      ci95: [difference - half, difference + half] as const,
      p,
      pRanks: signedRank(differences),
    };
  });
  const [ps, ranks] = [holm(pairs.map(({ p }) => p)), holm(pairs.map(({ pRanks }) => pRanks))];
  return pairs.map((pair, at) => ({ ...pair, p: ps[at] as number, pRanks: ranks[at] as number }));
}

export const rankTest = (cells: Cells): Friedman | undefined =>
  friedman(Array.from({ length: cells[0]?.length ?? 0 }, (_, b) => cells.map((row) => row[b] as number)));

/** A mean in one group and one block, of a layout in which not every group stands in every block. */
export interface Placed {
  readonly group: number;
  readonly block: number;
  readonly value: number;
}

interface Fitted {
  readonly test: FTest;
  readonly pairs: Compared[];
}

/** Least squares of values on some columns: coefficients, what is left, the inverse of the normal equations. */
function fit(rows: readonly (readonly number[])[], values: readonly number[]) {
  const width = rows[0]?.length ?? 0;
  const normal = Array.from({ length: width }, (_, i) =>
    Array.from({ length: width }, (_unused, j) =>
      rows.reduce((sum, row) => sum + (row[i] as number) * (row[j] as number), 0),
    ),
  );
  const right = Array.from({ length: width }, (_, i) =>
    rows.reduce((sum, row, r) => sum + (row[i] as number) * (values[r] as number), 0),
  );
  const coefficients = solveSymmetric(normal, right);
  if (coefficients === undefined) return undefined;
  const left = rows.reduce(
    (sum, row, r) =>
      sum + ((values[r] as number) - row.reduce((own, x, i) => own + x * (coefficients[i] as number), 0)) ** 2,
    0,
  );
  return { coefficients, left, normal };
}

const column = (at: number, width: number): number[] => Array.from({ length: width }, (_, i) => (i === at ? 1 : 0));

/**
 * Groups that do not all stand in every block, compared within blocks by least squares; undefined where blocks do not
 * link them all. Pairs by t on what is left, made ready by Holm.
 */
export function incompleteBlocks(placed: readonly Placed[], groups: number, blocks: number): Fitted | undefined {
  // About their mean, so that no digits are lost to it.
  const mean = meanOf(placed.map(({ value }) => value));
  const values = placed.map(({ value }) => value - mean);
  // The first group is what the others are told against: its column is left out.
  const whole = placed.map(({ group, block }) => [...column(block, blocks), ...column(group - 1, groups - 1)]);
  const withGroups = fit(whole, values);
  const without = fit(
    placed.map(({ block }) => column(block, blocks)),
    values,
  );
  const df2 = placed.length - blocks - (groups - 1);
  const inverse = withGroups === undefined ? undefined : invertSymmetric(withGroups.normal);
  if (withGroups === undefined || without === undefined || inverse === undefined || df2 < 1) return undefined;
  const spread = withGroups.left / df2;
  const f = (without.left - withGroups.left) / (groups - 1) / spread;
  const at = (group: number): number => blocks + group - 1;
  const effect = (group: number): number => (group === 0 ? 0 : (withGroups.coefficients[at(group)] as number));
  const between = (i: number, j: number): number => (i === 0 || j === 0 ? 0 : (inverse[at(i)]?.[at(j)] as number));
  const pairs = pairsOf(groups).map(([i, j]) => {
    const difference = effect(i) - effect(j);
    const se = Math.sqrt(spread * (between(i, i) + between(j, j) - 2 * between(i, j)));
    const half = studentT(0.975, df2) * se;
    return {
      i,
      j,
      difference,
      ci95: [difference - half, difference + half] as const,
      p: tBeyond(difference / se, df2),
    };
  });
  const ps = holm(pairs.map(({ p }) => p));
  return {
    test: { f, df1: groups - 1, df2, p: fAbove(f, groups - 1, df2) },
    pairs: pairs.map((pair, k) => ({ ...pair, p: ps[k] as number })),
  };
}
