/** Two things side by side where there is room. */
export const TWO_COLUMNS = 'grid gap-x-7 gap-y-2 pt-3 pb-4.5 min-[1001px]:grid-cols-2 *:min-w-0';
