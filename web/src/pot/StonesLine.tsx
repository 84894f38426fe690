import type { WatchedPot } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../kit/format';
import { airAfter } from './told';
import type { Variant } from './variants';

interface StonesLineProps {
  readonly variants: readonly Variant[];
  readonly pots: readonly WatchedPot[];
}

const MOMENTS: readonly { readonly words: string; readonly air: (pot: WatchedPot) => number }[] = [
  { words: 'ten minutes', air: ({ soonAir }) => soonAir },
  { words: 'an hour', air: (pot) => airAfter(pot, 1) },
  { words: 'a day', air: (pot) => airAfter(pot, 24) },
];

/** Which root zone has more air after it was soaked, with stones below or without, and by how much. */
export function StonesLine({ variants, pots }: StonesLineProps): ReactElement | null {
  const stones = variants.findIndex(({ key }) => key === 'stones');
  const bare = variants.findIndex(({ key }) => key === 'none');
  if (stones === -1 || bare === -1) return null;
  const said = MOMENTS.map(({ words, air }) => {
    const more = air(pots[stones] as WatchedPot) - air(pots[bare] as WatchedPot);
    if (Math.abs(more) < 0.005) return `after ${words} both have the same air among their roots`;
    return `after ${words} the pot ${more > 0 ? 'with' : 'without'} stones has ${fixed(Math.abs(more), 2)} more air among its roots`;
  });
  return (
    <p className="mt-2 border-l-[3px] border-ink pl-3">
      Soaked, {said.join('; ')}. Water stays above the step from fine to coarse until it is pressed through.
    </p>
  );
}
