import { fixed } from '../../kit/format';

const endSaid = (end: number | null, digits: number): string => (end === null ? 'open' : fixed(end, digits));

/** A window from its low to its high end; an end that is not set is open. */
export const windowSaid = (ends: readonly (number | null)[], digits: number): string =>
  ends.map((end) => endSaid(end, digits)).join('–');
