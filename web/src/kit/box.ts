const FRAME = 'min-w-0 rounded-[2px] border-[1.5px] border-ink bg-paper px-2.5';

/** What one types into, where it stands in a line of its own and has no label above. */
export const BOX = `${FRAME} min-h-11 text-head`;

/** The same within a row of other things. */
export const LOW_BOX = `${FRAME} min-h-9 text-body`;
