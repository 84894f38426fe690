import type { DeskResult } from '@bent-pail/core';
import { airWord, percent } from '../../shared/airWords';

/** What is to be scooped over what is to be filled, as a share: under this no scoop would show it. */
const NOTICEABLE = 0.02;

/** How much more than is to be filled must be scooped: loose parts settle as they are watered, and into each other. */
export const moreToScoop = ({ volumes }: Pick<DeskResult, 'volumes'>): number => volumes.loose / volumes.made - 1;

/** One plain verdict on a predicted blend in its pot. */
export function blendSentence(desk: Pick<DeskResult, 'result' | 'volumes'>): string {
  const { air, water } = desk.result;
  const word = airWord(air);
  const verdict = `${word.charAt(0).toUpperCase()}${word.slice(1)} in this pot: ${percent(air)} air, ${percent(water)} water once it stops dripping.`;
  const more = moreToScoop(desk);
  return more < NOTICEABLE ? verdict : `${verdict} Scoop ${percent(more)} more than you want to fill.`;
}
