import { fixed } from '../../kit/format';

const UNITS = ['kB', 'MB', 'GB', 'TB'] as const;

/** A size in the largest unit of which there is one at least, with a decimal under ten. */
export function sizeInWords(bytes: number): string {
  const power = Math.min(UNITS.length, Math.max(1, Math.floor(Math.log10(Math.max(bytes, 1)) / 3)));
  const size = bytes / 1000 ** power;
  return `${fixed(size, size < 10 ? 1 : 0)} ${UNITS[power - 1] ?? ''}`;
}
