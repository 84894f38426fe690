/** What the box over everything is called, and what may be asked of it. */
export const FIND_LABEL = 'Find anything';
export const FIND_HINT = 'a lot, run 87, a blend, a pot, a note, start a run on …';
