import type { BandsInput, BandsResult } from '@bent-pail/core';
import { useMemo } from 'react';
import { useThought, type Question } from '../../shared/thinking/useThought';

/** Bands of the recipe in view, worked out once it rests; undefined while they are not yet those of this recipe. */
export function useBands(input: BandsInput | undefined): BandsResult | undefined {
  const ask = useMemo(
    (): Question<BandsResult> | undefined => (input === undefined ? undefined : (thinker) => thinker.bands(input)),
    [input],
  );
  return useThought(ask).answer;
}
