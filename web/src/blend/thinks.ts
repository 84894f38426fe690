import {
  bands,
  deskBandsInput,
  lineEffects,
  predictDesk,
  recipeSearch,
  substitutes,
  suits,
  sweep,
  triangle,
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
} from '@bent-pail/core';

/** What a worker can be asked about blends; the page never thinks so long itself. */
export const thinker = {
  bands(input: BandsInput): BandsResult | undefined {
    return bands(input);
  },
  manyBands(desks: readonly DeskInput[]): (BandsResult | undefined)[] {
    return desks.map((desk) => bands(deskBandsInput(desk, undefined, 'air')));
  },
  search(input: RecipeSearchInput, onProgress: (share: number) => void): RecipeSearchResult | undefined {
    return recipeSearch(input, { onProgress });
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
  effects(desk: DeskInput): (LineEffect | undefined)[] {
    return lineEffects(desk);
  },
  substitutes(desk: DeskInput, line: number, lots: readonly LotComponent[], profile?: TargetProfile): Swap[] {
    return substitutes(desk, line, lots, profile);
  },
  suits(desks: readonly DeskInput[], profile: TargetProfile, climate: UseKey): Suited[] {
    return suits(desks, profile, climate);
  },
};

export type Thinker = typeof thinker;
