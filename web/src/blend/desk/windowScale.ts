import type { Band, Range } from '@bent-pail/core';

interface Scaled {
  readonly value: number;
  readonly band: Band | undefined;
  readonly ideal: Range;
  readonly limits: Range;
}

/** Room beyond the outermost mark, as a share of what is shown. */
const MARGIN = 0.06;

/** Position in pixels of a value on a scale that holds window, limits, band and value, with a little room. */
export function windowScale({ value, band, ideal, limits }: Scaled, width: number): (at: number) => number {
  const marks = [...ideal, ...limits, value, band?.p5 ?? null, band?.p95 ?? null].filter((mark) => mark !== null);
  const lo = Math.min(...marks);
  const hi = Math.max(...marks);
  const room = (hi - lo) * MARGIN || 1;
  return (at) => ((at - lo + room) / (hi - lo + 2 * room)) * width;
}
