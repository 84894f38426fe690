import { readMeasure } from '@bent-pail/core';

/** What is kept of a number that was typed with another unit: "= 84.95 L"; nothing where it stands as it is. */
export function understood(text: string, wanted: string | undefined): string | undefined {
  if (wanted === undefined) return undefined;
  const { number, unit } = readMeasure(text, wanted);
  if (unit === undefined || number.kind !== 'number') return undefined;
  return `= ${String(Number(number.value.toPrecision(6)))} ${wanted}`;
}
