import type { DeskBlend, DeskLot, ProfileRow, Recipe, RecipeLine } from '@bent-pail/contract';
import {
  CoreError,
  flatLines,
  recipeSettings,
  type BandsResult,
  type DeskInput,
  type DeskResult,
  type FlatLine,
  type LearningUse,
  spoken,
} from '@bent-pail/core';
import type { Pot } from '../../shared/pot/pots';

/** A lot that a recipe comes down to, with its loose parts. */
export interface UsedLot extends FlatLine {
  readonly lot: DeskLot;
}

/** What a recipe means: its lots, the question for the prediction, or why there is none. */
export interface Meaning {
  readonly used: readonly UsedLot[];
  /** Its lines are those of `used`, in order; undefined while nothing can be predicted. */
  readonly input?: DeskInput;
  readonly problem?: string;
}

/** The desk as its panels see it. */
export interface DeskView {
  readonly recipe: Recipe;
  readonly name: string;
  readonly pot: Pot;
  readonly used: readonly UsedLot[];
  readonly input: DeskInput;
  /** Every figure at the middle of its band, once there is one. */
  readonly result: DeskResult;
  /** With everything at its likeliest: what a kept version is held against. */
  readonly likeliest: DeskResult;
  readonly bands: BandsResult | undefined;
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly profiles: readonly ProfileRow[];
  readonly profile: ProfileRow | undefined;
  readonly learnt: LearningUse | undefined;
  readonly setLines: (lines: readonly RecipeLine[]) => void;
  readonly setRecipe: (recipe: Recipe) => void;
}

/** One name for a line, whatever it is of. */
export function lineKey({ lotId, blend }: Pick<RecipeLine, 'lotId' | 'blend'>): string {
  return blend === undefined ? (lotId ?? '') : `${blend.id}:${String(blend.n)}`;
}

/** The lots that lines come down to; throws a `CoreError` where a blend inside is not kept, or leads back to itself. */
export function flatOf(lines: readonly RecipeLine[], blends: readonly DeskBlend[]): FlatLine[] {
  return flatLines(
    lines.filter(({ parts }) => parts > 0),
    ({ id, n }) => {
      const blend = blends.find((one) => one.id === id);
      const kept = blend?.kept.find((one) => one.n === n);
      return blend === undefined || kept === undefined
        ? undefined
        : { name: blend.name, lines: kept.flat, made: kept.made };
    },
  );
}

/** What a recipe means with the shelf as it is. */
export function meaningOf(
  recipe: Recipe,
  lots: readonly DeskLot[],
  blends: readonly DeskBlend[],
  learnt: LearningUse | undefined,
): Meaning {
  let flat: FlatLine[];
  try {
    flat = flatOf(recipe.lines, blends);
  } catch (error) {
    if (error instanceof CoreError) return { used: [], problem: spoken(error) };
    throw error;
  }
  const used = flat.flatMap((line): UsedLot[] => {
    const lot = lots.find((one) => one.id === line.lotId);
    return lot?.component === undefined ? [] : [{ ...line, lot }];
  });
  const lines = used.flatMap(({ parts, lot }) => (lot.component === undefined ? [] : [{ parts, lot: lot.component }]));
  if (lines.length === 0) return { used };
  if (recipe.model === 'measured' && recipe.shrink === undefined)
    return { used, problem: 'Type the shrink that was measured, or choose another mixing model.' };
  return {
    used,
    input: {
      lines,
      ...recipeSettings(recipe),
      ...(learnt === undefined ? {} : { learnt }),
    },
  };
}

/** What a line is called. */
export function lineName(line: RecipeLine, lots: readonly DeskLot[], blends: readonly DeskBlend[]): string {
  if (line.blend !== undefined)
    return blends.find(({ id }) => id === line.blend?.id)?.name ?? 'a blend that is not kept';
  return lots.find(({ id }) => id === line.lotId)?.name ?? 'a lot that is not on the shelf';
}
