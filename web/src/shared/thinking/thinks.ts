import {
  analyseTrial,
  atMiddle,
  columnOf,
  bandsSteps,
  deskBandsInput,
  dryDown,
  largestShare,
  lineEffects,
  lookAgain,
  potBandsSteps,
  pourTest,
  predictDesk,
  recipeSearchSteps,
  rhythmOf,
  rhythmSteps,
  substitutes,
  suits,
  sweep,
  triangle,
  watchPotSteps,
  type BandsInput,
  type BandsResult,
  type DeskInput,
  type DeskResult,
  type DryDownInput,
  type DryDownResult,
  type LineEffect,
  type LookedAt,
  type LotComponent,
  type RecipeSearchInput,
  type RecipeSearchResult,
  type Suited,
  type Swap,
  type SweepPoint,
  type TargetProfile,
  type TrianglePoint,
  type UseKey,
  type Conductivity,
  type PotBands,
  type PotSetup,
  type PouredOn,
  type PourSays,
  type RhythmResult,
  type TrialFound,
  type TrialRecord,
  type WatchedPot,
} from '@bent-pail/core';
import { inSlices, oneByOne } from './inSlices';

/** What is said of one line. */
export interface LineAnswer {
  readonly effect: LineEffect | undefined;
  readonly most: number | undefined;
}

/** One of those that stand side by side. */
export interface ComparedAnswer {
  readonly predicted: DeskResult;
  readonly bands: BandsResult;
}

/**
 * What a worker can be asked about blends; the page never thinks so long itself. What may take long hands its thread back
 * now and then: a browser lets a busy worker run on for two seconds after it was told to end.
 */
export const thinker = {
  bands(input: BandsInput): Promise<BandsResult> {
    return inSlices(bandsSteps(input));
  },
  /** Predictions side by side, each with its bands. */
  compare(desks: readonly DeskInput[]): Promise<ComparedAnswer[]> {
    return oneByOne(desks, async (desk) => {
      const input = deskBandsInput(desk, undefined, 'air');
      const bands = await inSlices(bandsSteps(input));
      return { predicted: atMiddle(predictDesk(desk), input, bands), bands };
    });
  },
  search(input: RecipeSearchInput, onProgress: (share: number) => void): Promise<RecipeSearchResult> {
    return inSlices(recipeSearchSteps(input), onProgress);
  },
  lookAgain(desks: readonly DeskInput[], profile: TargetProfile): Promise<LookedAt[]> {
    return oneByOne(desks, (desk) => lookAgain(desk, profile));
  },
  sweep(desk: DeskInput, line: number): SweepPoint[] {
    return sweep(desk, line);
  },
  triangle(desk: DeskInput, three: readonly [number, number, number], steps: number): TrianglePoint[] {
    return triangle(desk, three, steps);
  },
  corners(desks: readonly DeskInput[]): Promise<DeskResult[]> {
    return oneByOne(desks, predictDesk);
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
  /** Pots side by side, hour by hour. */
  watch(setups: readonly PotSetup[]): Promise<WatchedPot[]> {
    return oneByOne(setups, (setup) => inSlices(watchPotSteps(columnOf(setup))));
  },
  /** Jugs poured on a pot, one after the other. */
  pours(all: readonly PouredOn[]): Promise<PourSays[]> {
    return oneByOne(all, pourTest);
  },
  dryDown(input: DryDownInput): DryDownResult {
    return dryDown(input);
  },
  rhythm(setup: PotSetup, onProgress: (share: number) => void): Promise<RhythmResult> {
    return inSlices(rhythmSteps(rhythmOf(setup)), onProgress);
  },
  potBands(
    setup: PotSetup,
    medium: BandsInput,
    conductivity: Conductivity,
    onProgress: (share: number) => void,
  ): Promise<PotBands> {
    return inSlices(potBandsSteps(setup, medium, conductivity), onProgress);
  },
  /** A trial as it was laid out; intervals of many pairs take their time. */
  trial(record: TrialRecord): TrialFound {
    return analyseTrial(record);
  },
  suits(desks: readonly DeskInput[], profile: TargetProfile, climate: UseKey): Suited[] {
    return suits(desks, profile, climate);
  },
};

export type Thinker = typeof thinker;
