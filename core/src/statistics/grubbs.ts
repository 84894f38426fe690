import { meanOf, sdOf } from './mean';
import { studentT } from './studentT';

export const GRUBBS = Object.freeze({ alpha: 0.05, leastN: 5 });

export interface GrubbsResult {
  readonly index: number;
  readonly g: number;
  readonly critical: number;
  readonly outlier: boolean;
}

/** What a value must also pass before it is called an outlier. */
export interface GrubbsGuards {
  /** Least distance from the mean of the others, in the values' unit. */
  readonly floor?: number;
  /** Resolution of the reading: an SD at or under it is no evidence. */
  readonly resolution?: number;
}

/**
 * Grubbs's test for one outlier, two-sided 5 %.
 *
 * G = max|x - mean|/SD; critical = (n-1)/sqrt(n) sqrt(t^2/(n-2+t^2)), t = t(alpha/(2n), n-2).
 * Fewer than 5 values or no spread at all: undefined, for then there is no test.
 * The first of tied extremes is named. Source: Grubbs (1950), Ann. Math. Stat. 21, 27-58; the floor and the
 * resolution are ours: a value no farther from the others than the method can tell is not flagged.
 * Example: [0.30, 0.31, 0.30, 0.31, 0.45]: g = 1.785, critical 1.715, outlier true.
 */
export function grubbs(values: readonly number[], guards: GrubbsGuards = {}): GrubbsResult | undefined {
  const n = values.length;
  if (n < GRUBBS.leastN) return undefined;
  const mean = meanOf(values);
  const sd = sdOf(values);
  if (sd === 0) return undefined;
  const distances = values.map((value) => Math.abs(value - mean));
  const index = distances.indexOf(Math.max(...distances));
  const g = (distances[index] as number) / sd;
  const t = studentT(1 - GRUBBS.alpha / (2 * n), n - 2);
  const critical = ((n - 1) / Math.sqrt(n)) * Math.sqrt((t * t) / (n - 2 + t * t));
  const others = meanOf(values.filter((_, i) => i !== index));
  const farEnough = guards.floor === undefined || Math.abs((values[index] as number) - others) > guards.floor;
  const resolved = guards.resolution === undefined || sd > guards.resolution;
  return { index, g, critical, outlier: g > critical && farEnough && resolved };
}
