import { refuse, type Check } from '../errors';
import { defineMethod, either, list, maybe, number, object, text, type InputOf } from '../method';
import { fisherExact, holm, rankSum, wilson } from '../statistics';
import { bootstrapTrays } from './bootstrapTrays';
import { quasiBinomial } from './logistic';
import { gamesHowell, pairsOf } from './welch';

const TRAY = { sown: number('seeds'), byDay: list(number(), 'newly come up on each day, from day 1') };
const INPUT = object({
  groups: list(
    either(object({ name: text(), ...TRAY }), object({ name: text(), trays: list(object(TRAY), 'each drawn by lot') })),
    'seeds that each stand alone, or trays of them',
  ),
  seed: maybe(number('for the draws of trays; 1 unless said')),
});
export type GerminationInput = InputOf<typeof INPUT>;
interface Tray {
  readonly sown: number;
  readonly byDay: readonly number[];
}

const LEAST_TRAYS = 3;

export interface GerminationGroup {
  readonly name: string;
  readonly sown: number;
  readonly up: number;
  readonly share: number;
  readonly ci95: readonly [number, number];
  /** Days until half of those that came up by the last day had; absent where none did. */
  readonly t50_d?: number;
  /** Of six trays or more: where t50 lies in 95 of 100 sets of as many trays, drawn from them. */
  readonly t50ci95_d?: readonly [number, number];
}

/** The shares of trays by odds, with the spread that the trays truly have. */
export interface GerminationOdds {
  readonly dispersion: number;
  readonly f: number;
  readonly df1: number;
  readonly df2: number;
  readonly p: number;
  readonly pairs: readonly {
    readonly a: string;
    readonly b: string;
    readonly oddsRatio: number;
    readonly ci95: readonly [number, number];
    readonly p: number;
  }[];
}

export interface GerminationPair {
  readonly a: string;
  readonly b: string;
  readonly difference: number;
  readonly p?: number;
}

export interface GerminationResult {
  readonly method: 'fisher' | 'tray-shares' | 'tray-ranks' | 'none';
  readonly groups: readonly GerminationGroup[];
  readonly pairs: readonly GerminationPair[];
  /** Beside the test by trays, where odds can be had. */
  readonly odds?: GerminationOdds;
  readonly checks: readonly Check[];
}

const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0);

function requireTray({ sown, byDay }: Tray, path: string): void {
  if (!Number.isInteger(sown) || sown < 1) refuse(`${path}.sown`, `${String(sown)} seeds; sow a whole number from 1`);
  byDay.forEach((up, day) => {
    if (!Number.isInteger(up) || up < 0)
      refuse(`${path}.byDay[${String(day)}]`, 'a whole number of seedlings, 0 or more');
  });
  if (sum(byDay) > sown) refuse(`${path}.byDay`, `${String(sum(byDay))} came up of ${String(sown)} that were sown`);
}

/** The day on which half of those that came up had, between days by straight line; undefined where none did. */
export function halfUp(byDay: readonly number[]): number | undefined {
  const half = sum(byDay) / 2;
  if (half === 0) return undefined;
  let before = 0;
  for (const [day, up] of byDay.entries()) {
    if (before + up >= half) return day + (half - before) / up;
    before += up;
  }
  return undefined;
}

const together = (trays: readonly Tray[]): Tray => {
  const days = Math.max(0, ...trays.map(({ byDay }) => byDay.length));
  return {
    sown: sum(trays.map(({ sown }) => sown)),
    byDay: Array.from({ length: days }, (_, day) => sum(trays.map(({ byDay }) => byDay[day] ?? 0))),
  };
};

const note = (code: string, message: string): Check => ({ code, severity: 'caution', message });
const arcsine = ({ sown, byDay }: Tray): number => Math.asin(Math.sqrt(sum(byDay) / sown));

interface Sown {
  readonly name: string;
  readonly all: Tray;
  readonly trays: readonly Tray[] | undefined;
}

/** How pairs are compared, by what was drawn by lot: seeds, or trays of them. */
function comparison(
  groups: readonly Sown[],
): Pick<GerminationResult, 'method' | 'checks'> & { readonly ps?: number[] } {
  if (groups.length < 2) return { method: 'none', checks: [] };
  const trays = groups.map((group) => group.trays);
  if (trays.every((own) => own === undefined)) {
    const ps = pairsOf(groups.length).map(([i, j]) => {
      const [a, b] = [(groups[i] as Sown).all, (groups[j] as Sown).all];
      return fisherExact(sum(a.byDay), a.sown, sum(b.byDay), b.sown);
    });
    return { method: 'fisher', ps: holm(ps), checks: [] };
  }
  if (trays.some((own) => own === undefined || own.length < 2))
    return {
      method: 'none',
      checks: [note('one-unit', 'One tray of a medium: tray and medium cannot be told apart. No test is made.')],
    };
  const shares = trays.map((own) => (own ?? []).map(arcsine));
  if (shares.some((own) => own.length < LEAST_TRAYS))
    return {
      method: 'none',
      checks: [note('few-units', 'Two trays of a medium say too little of their spread. No test is made.')],
    };
  if (shares.some((own) => new Set(own).size === 1)) {
    const ps = pairsOf(shares.length).map(([i, j]) => rankSum(shares[i] as number[], shares[j] as number[]));
    return {
      method: 'tray-ranks',
      ps: holm(ps),
      checks: [
        note(
          'no-variance',
          'All trays of a medium are alike, as where all or none came up: trays are compared by rank.',
        ),
      ],
    };
  }
  return { method: 'tray-shares', ps: gamesHowell(shares).map(({ p }) => p), checks: [] };
}

function oddsOf(groups: readonly Sown[]): GerminationOdds | undefined {
  const found = quasiBinomial(
    groups.map(({ trays = [] }) => trays.map(({ sown, byDay }) => ({ sown, up: sum(byDay) }))),
  );
  if (found === undefined) return undefined;
  const nameOf = (place: number): string => (groups[place] as Sown).name;
  return { ...found, pairs: found.pairs.map(({ i, j, ...rest }) => ({ a: nameOf(i), b: nameOf(j), ...rest })) };
}

/**
 * How many seeds came up, how sure that is, how fast, and which media differ.
 *
 * Share with its score interval; t50 between days by a straight line, of those that came up by the last day. Seeds that
 * each stand alone: Fisher's exact test of every pair, made ready by Holm. Trays: the arcsine of the root of their shares
 * by Games and Howell, from three trays a medium on, and beside it the odds with their errors widened by the trays' own
 * spread; trays of a medium that are all alike: exact sums of ranks, Holm; one tray of a medium: no p. t50 of six trays
 * or more has an interval from draws of trays. Difference = share of a - share of b.
 * Throws without a group, for two of one name, seeds or seedlings that are no whole numbers, more up than sown.
 * Sources: Wilson (1927); Fisher (1935); Holm (1979); Games and Howell (1976);
 * McCullagh and Nelder (1989); Wilcoxon (1945).
 * Example: 8 of 10 and 2 of 10: difference 0.6, p 0.023.
 */
export function germination({ groups: given, seed = 1 }: GerminationInput): GerminationResult {
  if (given.length === 0) refuse('groups', 'give at least one group');
  const names = given.map(({ name }) => name);
  const groups = given.map((group, i): Sown => {
    const path = `groups[${String(i)}]`;
    if (names.indexOf(group.name) !== i) refuse(`${path}.name`, `two groups are called ${group.name}`);
    const trays = 'trays' in group ? group.trays : [group];
    if (trays.length === 0) refuse(`${path}.trays`, 'give at least one tray');
    trays.forEach((tray, k) => {
      requireTray(tray, 'trays' in group ? `${path}.trays[${String(k)}]` : path);
    });
    return { name: group.name, all: together(trays), trays: 'trays' in group ? trays : undefined };
  });
  const { method, ps, checks } = comparison(groups);
  const told = groups.map(({ name, all, trays = [] }): GerminationGroup => {
    const up = sum(all.byDay);
    const t50_d = halfUp(all.byDay);
    const t50ci95_d = bootstrapTrays(trays, (drawn) => halfUp(together(drawn).byDay), seed);
    return {
      name,
      sown: all.sown,
      up,
      share: up / all.sown,
      ci95: wilson(up, all.sown),
      ...(t50_d === undefined ? {} : { t50_d }),
      ...(t50ci95_d === undefined ? {} : { t50ci95_d }),
    };
  });
  const odds = method === 'tray-shares' ? oddsOf(groups) : undefined;
  const pairs = pairsOf(told.length).map(([i, j], at): GerminationPair => {
    const [a, b] = [told[i] as GerminationGroup, told[j] as GerminationGroup];
    const p = ps?.[at];
    return { a: a.name, b: b.name, difference: a.share - b.share, ...(p === undefined ? {} : { p }) };
  });
  return { method, groups: told, pairs, ...(odds === undefined ? {} : { odds }), checks };
}

export const germinationMethod = defineMethod({
  name: 'germination',
  version: 2,
  source: 'Wilson, 1927; Fisher, 1935; Holm, 1979; Games and Howell, 1976; McCullagh and Nelder, 1989; Wilcoxon, 1945.',
  schema: INPUT,
  calculate: germination,
  outputs: {
    share: {
      of: 'groups[0].share',
      sentence: 'The part of the seeds sown that came up.',
      formula: 'seedlings / seeds',
    },
    t50: {
      of: 'groups[0].t50_d',
      sentence: 'Days until half of those that came up by the last day had come up.',
      formula: 'between the two days, along a straight line',
    },
  },
  golden: {
    input: {
      groups: [
        { name: 'A', sown: 10, byDay: [0, 2, 4, 2] },
        { name: 'B', sown: 10, byDay: [0, 0, 1, 1] },
      ],
    },
    gives: {
      method: 'fisher',
      'groups[0].share': 0.8,
      'groups[0].t50_d': 2.5,
      'pairs[0].difference': 0.6000000000000001,
    },
  },
});
