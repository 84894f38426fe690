import type { DeskResult } from '@bent-pail/core';
import { airWord, percent } from '../../shared/airWords';

/** Shrink under this share of the parts is nothing that a scoop would show. */
const NOTICEABLE_SHRINK = 0.02;

/** One plain verdict on a predicted blend in its pot. */
export function blendSentence({ result }: DeskResult): string {
  const word = airWord(result.air);
  const verdict = `${word.charAt(0).toUpperCase()}${word.slice(1)} in this pot: ${percent(result.air)} air, ${percent(result.water)} water once it stops dripping.`;
  if (result.shrink < NOTICEABLE_SHRINK) return verdict;
  return `${verdict} Mix ${percent(result.shrink)} more than you want to fill.`;
}
