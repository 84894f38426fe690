import { v5 as uuidv5 } from 'uuid';

const SPACE = '0190b6f0-5d1e-7c55-9a6e-3c1f7f0a2d11';

/** An id that the same row of a table has each time: taken in again, it changes nothing. */
export const idOf = (...parts: readonly (string | number)[]): string => uuidv5(parts.join('\n'), SPACE);
