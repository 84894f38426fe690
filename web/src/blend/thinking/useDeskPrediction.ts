import {
  atMiddle,
  deskBandsInput,
  type BandsResult,
  type DeskInput,
  type DeskResult,
  type PropertyKey,
  type TargetProfile,
} from '@bent-pail/core';
import { useMemo } from 'react';
import { useBands } from './useBands';
import { usePrediction } from './usePrediction';

interface DeskPrediction {
  /** With everything at its likeliest: what a kept version is held against. */
  readonly likeliest?: DeskResult | undefined;
  /** Every figure at the middle of its band, once there is one. */
  readonly result?: DeskResult | undefined;
  readonly bands: BandsResult | undefined;
  readonly problem?: string | undefined;
}

/** What a recipe will be, and how surely; `asked` is whose spread is explained. */
export function useDeskPrediction(
  input: DeskInput | undefined,
  profile: TargetProfile | undefined,
  asked: PropertyKey,
): DeskPrediction {
  const bandsInput = useMemo(
    () => (input === undefined ? undefined : deskBandsInput(input, profile, asked)),
    [input, profile, asked],
  );
  const { result: likeliest, problem } = usePrediction(input);
  const bands = useBands(bandsInput);
  const result = useMemo(
    () =>
      likeliest === undefined || bands === undefined || bandsInput === undefined
        ? likeliest
        : atMiddle(likeliest, bandsInput, bands),
    [likeliest, bands, bandsInput],
  );
  return { likeliest, result, bands, problem };
}
