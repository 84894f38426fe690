import type { Sheet, Step } from '@bent-pail/core';

/** Where nothing was read yet. */
const BEGINNING: Readonly<Partial<Record<Step['kind'], number>>> = { weigh: 310, pH: 6, ec: 1, temperature: 18 };

/** Letters that a sheet may have. */
const MOST = 12;

/** What somebody would put on a simulated device for this cell: near what another replicate had. */
export function usualLoad({ key, kind }: Pick<Step, 'key' | 'kind'>, replicate: number, cells: Sheet): number {
  const others = Array.from({ length: MOST }, (_, i) => i).flatMap((i) => cells.value(i, key) ?? []);
  const near = others.at(-1);
  // A step of one part in two hundred from replicate to replicate, so that they are not all alike.
  if (near !== undefined) return Number((near * (1 + 0.005 * (1 - (replicate % 3)))).toFixed(2));
  return BEGINNING[kind] ?? 0;
}
