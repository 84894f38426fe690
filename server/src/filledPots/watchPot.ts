import {
  CoreError,
  filledMedium,
  spoken,
  watchDiary,
  type DeskInput,
  type PotWatch,
  type WatchedDiary,
} from '@bent-pail/core';

/** A pot as its diary asks: the blend that it holds, not predicted yet. */
export interface PotAsked {
  readonly pot: Omit<WatchedDiary, 'medium'>;
  readonly desk: DeskInput;
  readonly now_ms: number;
}

export type PotSaid = Pick<PotWatch, 'next' | 'yearTopUp_L' | 'advice'> & { readonly trouble?: string };

/** What a diary asks for, or why nothing can be said of it. */
export function watchPot({ pot, desk, now_ms }: PotAsked): PotSaid {
  try {
    const { food: _food, ...said } = watchDiary({ ...pot, medium: filledMedium(desk) }, now_ms);
    return said;
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return { advice: [], trouble: spoken(error) };
  }
}
