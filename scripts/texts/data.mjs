// Tables of data that carry words: the fields of theirs that somebody reads.
import { isText } from './spoken.mjs';

const READ = new Set('label name family basis hazards title note notes method wettability friability'.split(' '));

/** A table with every text of its read fields as `translate` gives it. */
export function rewrittenTable(value, translate, isHere = false) {
  if (typeof value === 'string') return isHere && isText(value, 'surely') ? translate(value) : value;
  if (Array.isArray(value)) return value.map((one) => rewrittenTable(one, translate, isHere));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, rewrittenTable(one, translate, READ.has(key))]),
  );
}
