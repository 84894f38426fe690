import { analyseTrial, type GrowthRatioResult, type TrialRecord } from '@bent-pail/core';

/** What a finished trial came to, as lists, cards and blends show it. */
export interface TrialResult {
  readonly answers: readonly string[];
  readonly ratios: GrowthRatioResult['media'];
}

/** The answers of a trial, and its ratios where they may be put down to the medium and rest on more than one plot. */
export function trialResult(record: TrialRecord): TrialResult {
  const { answers, ratios, notTheMedium } = analyseTrial(record);
  const media = notTheMedium === undefined ? (ratios?.media ?? []) : [];
  // One tray of a medium is figures: nothing is scored by it.
  return { answers, ratios: media.filter(({ se }) => se !== undefined) };
}
