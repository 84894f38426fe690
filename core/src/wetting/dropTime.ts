import { refuse, requireNotNegative } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';

const INPUT = object({ drops_s: list(number(), 'until each drop has gone in, in any order') });
export type DropTimeInput = InputOf<typeof INPUT>;

export type WettingClass =
  | 'wettable'
  | 'slightly repellent'
  | 'strongly repellent'
  | 'severely repellent'
  | 'extremely repellent';

/** Where slightly, strongly, severely and extremely repellent begin, s. */
export const WETTING_STARTS_s: readonly number[] = Object.freeze([5, 60, 600, 3600]);

const CLASSES: readonly WettingClass[] = [
  'wettable',
  'slightly repellent',
  'strongly repellent',
  'severely repellent',
  'extremely repellent',
];

/** Class of a drop's time; each class includes its start, the last begins above an hour. */
export function wettingClass(time_s: number): WettingClass {
  const passed = WETTING_STARTS_s.filter((start, i) => (i === 3 ? time_s > start : time_s >= start)).length;
  return CLASSES[passed] as WettingClass;
}

/**
 * Water drop penetration time: the median of the drops and its class.
 *
 * Seconds until each drop has gone in, one to a hundred drops, in any order; a drop that stands longer than an hour is
 * given as any time above 3600. Even numbers of drops take the mean of the two in the middle.
 * Source: Dekker and Jungerius (1990). Example: 3, 4, 90: median 4 s, wettable.
 */
export function dropTime({ drops_s }: DropTimeInput): { readonly median_s: number; readonly class: WettingClass } {
  if (drops_s.length < 1 || drops_s.length > 100) refuse('drops_s', `${String(drops_s.length)} drops; give 1 to 100`);
  drops_s.forEach((drop, i) => {
    requireNotNegative(`drops_s[${String(i)}]`, drop, 's');
  });
  const sorted = [...drops_s].sort((a, b) => a - b);
  const upper = sorted[Math.floor(sorted.length / 2)] as number;
  const lower = sorted[Math.ceil(sorted.length / 2) - 1] as number;
  const median_s = (lower + upper) / 2;
  return { median_s, class: wettingClass(median_s) };
}

export const dropTimeMethod = defineMethod({
  name: 'drop-time',
  version: 1,
  source: 'Dekker and Jungerius, 1990.',
  schema: INPUT,
  calculate: dropTime,
  outputs: {
    median_s: {
      of: 'median_s',
      property: 'dropTime_s',
      sentence: 'Half of the drops had gone in by now.',
      formula: 'median of the drops',
    },
  },
  golden: {
    input: { drops_s: [90, 3, 4, 8] },
    gives: {
      median_s: 6,
      class: 'slightly repellent',
    },
  },
});
