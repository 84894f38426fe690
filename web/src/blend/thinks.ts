import {
  bands,
  deskBandsInput,
  largestShare,
  lineEffects,
  predictDesk,
  recipeSearch,
  substitutes,
  suits,
  sweep,
  triangle,
  weakestWindow,
  type BandsInput,
  type BandsResult,
  type DeskInput,
  type DeskResult,
  type LineEffect,
  type LotComponent,
  type RecipeSearchInput,
  type RecipeSearchResult,
  type Suited,
  type Swap,
  type SweepPoint,
  type TargetProfile,
  type TrianglePoint,
  type UseKey,
  type WeakestWindow,
} from '@bent-pail/core';

/** What is said of one line. */
export interface LineAnswer {
  readonly effect: LineEffect | undefined;
  readonly most: number | undefined;
}

/** One of those that stand side by side. */
export interface ComparedAnswer {
  readonly predicted: DeskResult;
  readonly bands: BandsResult | undefined;
}

/** What a worker can be asked about blends; the page never thinks so long itself. */
export const thinker = {
  bands(input: BandsInput): BandsResult | undefined {
    return bands(input);
  },
  /** Predictions side by side, each with its bands. */
  compare(desks: readonly DeskInput[]): ComparedAnswer[] {
    return desks.map((desk) => ({
      predicted: predictDesk(desk),
      bands: bands(deskBandsInput(desk, undefined, 'air')),
    }));
  },
  search(input: RecipeSearchInput, onProgress: (share: number) => void): RecipeSearchResult | undefined {
    return recipeSearch(input, { onProgress });
  },
  refine(desks: readonly DeskInput[], profile: TargetProfile): (WeakestWindow | undefined)[] {
    return desks.map((desk) => weakestWindow(desk, profile));
  },
  sweep(desk: DeskInput, line: number): SweepPoint[] {
    return sweep(desk, line);
  },
  triangle(desk: DeskInput, three: readonly [number, number, number], steps: number): TrianglePoint[] {
    return triangle(desk, three, steps);
  },
  corners(desks: readonly DeskInput[]): DeskResult[] {
    return desks.map(predictDesk);
  },
  /** What each line does, and how much of a salty one a limit of EC allows. */
  lines(desk: DeskInput, limit_dSm: number | undefined): LineAnswer[] {
    const effects = lineEffects(desk);
    return desk.lines.map((_, i) => ({
      effect: effects[i],
      most: limit_dSm === undefined ? undefined : largestShare(desk, i, limit_dSm),
    }));
  },
  substitutes(desk: DeskInput, line: number, lots: readonly LotComponent[], profile?: TargetProfile): Swap[] {
    return substitutes(desk, line, lots, profile);
  },
  suits(desks: readonly DeskInput[], profile: TargetProfile, climate: UseKey): Suited[] {
    return suits(desks, profile, climate);
  },
};

export type Thinker = typeof thinker;
