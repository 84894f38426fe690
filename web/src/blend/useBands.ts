import type { BandsInput, BandsResult } from '@bent-pail/core';
import { useEffect, useState } from 'react';
import { think } from './thinker';

/** A slider has come to rest after this, ms. */
const RESTS_AFTER_MS = 300;

interface Known {
  readonly input: BandsInput;
  readonly result: BandsResult;
}

/** Bands of the recipe in view, worked out once it rests; undefined while they are not yet those of this recipe. */
export function useBands(input: BandsInput | undefined): BandsResult | undefined {
  const [known, setKnown] = useState<Known>();
  useEffect(() => {
    if (input === undefined) return;
    let stop: (() => void) | undefined;
    const timer = setTimeout(() => {
      const thinking = think((thinker) => thinker.bands(input));
      stop = thinking.stop;
      thinking.answer.then(
        (result) => {
          if (result !== undefined) setKnown({ input, result });
        },
        // The prediction itself says what is wrong with the recipe.
        () => undefined,
      );
    }, RESTS_AFTER_MS);
    return () => {
      clearTimeout(timer);
      stop?.();
    };
  }, [input]);
  return known !== undefined && known.input === input ? known.result : undefined;
}
