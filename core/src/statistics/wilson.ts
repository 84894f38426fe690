import { normalQuantile } from './normal';

/**
 * Interval of a share by its score: honest for few and for none, unlike the plain one.
 *
 * `found` of `of`, 95 % unless said. Source: Wilson (1927). Example: 0 of 10: 0 to 0.2775.
 */
export function wilson(found: number, of: number, level = 0.95): readonly [number, number] {
  const z = normalQuantile(1 - (1 - level) / 2);
  const share = found / of;
  const middle = (share + (z * z) / (2 * of)) / (1 + (z * z) / of);
  const half = (z / (1 + (z * z) / of)) * Math.sqrt((share * (1 - share)) / of + (z * z) / (4 * of * of));
  return [Math.max(0, middle - half), Math.min(1, middle + half)];
}
