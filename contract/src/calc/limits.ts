import {
  BANDS_DEFAULTS,
  countRecipes,
  DRY_DOWN_DEFAULTS,
  requireSearch,
  RHYTHM_DEFAULTS,
  SCORE_DEFAULTS,
  type BandsInput,
  type CalcName,
  type ColumnInput,
  type DryDownInput,
  type RecipeSearchInput,
  type RhythmInput,
  type ScoreInput,
} from '@bent-pail/core';
import type { CalcError } from './calcError';

/**
 * What one calculation may ask of a server that others use too. On the command line nobody waits behind it, and nothing
 * is limited.
 */
export const CALC_LIMITS = Object.freeze({
  /** Numbers and words in one input. */
  values: 20_000,
  recipes: 400_000,
  draws: 10_000,
  /** Draws times what each of them costs: pairs of components, ratings. */
  drawn: 2_600_000,
  /** Slices of a pot times days, a watering counted as three. */
  watched: 30_000,
});

/** How many numbers, words and signs an input holds. */
function valuesIn(input: unknown): number {
  let count = 0;
  const left: unknown[] = [input];
  while (left.length > 0) {
    const value = left.pop();
    if (typeof value === 'object' && value !== null) for (const part of Object.values(value)) left.push(part);
    else count += 1;
  }
  return count;
}

const tooMuch = (path: string, sentence: string): CalcError => ({
  code: 'invalid',
  path,
  message: `invalid ${path}: ${sentence}`,
});

const said = (count: number): string => count.toLocaleString('en-GB');

function tooManyDraws(draws: number, each: number): CalcError | undefined {
  const most = Math.min(CALC_LIMITS.draws, Math.floor(CALC_LIMITS.drawn / each));
  if (draws <= most) return undefined;
  return tooMuch('draws', `${said(draws)} draws of this are too many for a shared server; take at most ${said(most)}`);
}

function tooMuchWatched(slicesAndDays: number, path: string, less: string): CalcError | undefined {
  const watched = Math.ceil(slicesAndDays);
  return watched <= CALC_LIMITS.watched
    ? undefined
    : tooMuch(
        path,
        `${said(watched)} slices and days are too many for a shared server, which follows at most ${said(CALC_LIMITS.watched)}; take fewer ${less}`,
      );
}

const COUNTED: Readonly<Partial<Record<CalcName, (input: never) => CalcError | undefined>>> = {
  'recipe-search': (input: RecipeSearchInput) => {
    // Counting believes what it is given.
    requireSearch(input);
    const count = countRecipes(input);
    return count <= CALC_LIMITS.recipes
      ? undefined
      : tooMuch(
          'parts',
          `this is ${said(count)} recipes, and a shared server tries at most ${said(CALC_LIMITS.recipes)}; take fewer parts or components, or narrow minParts and maxParts`,
        );
  },
  column: ({ cells, end_d, waterings }: ColumnInput) =>
    tooMuchWatched(cells * (end_d + 3 * waterings.length), 'end_d', 'cells, days or waterings'),
  'pot-rhythm': ({ cells, every_d = RHYTHM_DEFAULTS.every_d }: RhythmInput) =>
    tooMuchWatched(
      every_d.reduce((sum, days) => sum + cells * (28 + days + (3 * 28) / Math.max(days, 0.01)), 0),
      'every_d',
      'cells or spacings',
    ),
  'dry-down': ({ cells = DRY_DOWN_DEFAULTS.cells, waterings, weights }: DryDownInput) => {
    const end_d = Math.max(0, ...weights.map(({ at_d }) => at_d), ...waterings.map(({ at_d }) => at_d));
    return tooMuchWatched(8 * cells * (end_d + 3 * waterings.length), 'waterings', 'cells, or the newest of the diary');
  },
  bands: ({ draws, components }: BandsInput) =>
    tooManyDraws(draws ?? BANDS_DEFAULTS.draws, Math.max(1, components.length ** 2)),
  score: ({ draws, criteria }: ScoreInput) =>
    tooManyDraws(
      draws ?? SCORE_DEFAULTS.draws,
      criteria.reduce((sum, one) => sum + 1 + (one.raters?.length ?? 0), 1),
    ),
};

/**
 * Why an input of the right shape is more work than a shared server takes on; undefined where it is not. Throws what the
 * calculation itself would refuse at once.
 */
export function workRefusal(name: CalcName, input: unknown): CalcError | undefined {
  const values = valuesIn(input);
  if (values > CALC_LIMITS.values)
    return tooMuch('input', `${said(values)} values at once; send at most ${said(CALC_LIMITS.values)}`);
  return COUNTED[name]?.(input as never);
}
