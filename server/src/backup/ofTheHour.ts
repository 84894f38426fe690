/** Tables that are nobody's work and worth nothing in another notebook: who is signed in, how often
 * somebody tried, what waits to be taken in. */
export const OF_THE_HOUR: readonly string[] = ['session', 'rate_hits', 'waiting_files'];
