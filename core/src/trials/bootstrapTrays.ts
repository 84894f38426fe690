import { seededRandom } from '../scoring';
import { normalBelow, studentT } from '../statistics';

/** Fewer trays, drawn again and again, say less of their spread than they promise: see the trials of chance. */
export const BOOTSTRAP = Object.freeze({ leastTrays: 6, draws: 1000 });

/**
 * Where a figure of several trays lies in 95 of 100 sets of as many trays drawn from them, with return: the trays are
 * drawn, never the seeds or plants in them. Undefined below the least number of trays, or where a figure could be had of
 * too few of the sets.
 *
 * The middle of the draws, taken wider for few trays: to 2 Φ(-√(n / (n - 1)) t) beyond it, t of n - 1 degrees of freedom,
 * since sets of few trays vary less than trays do. Sources: Efron and Tibshirani (1993), chapter 13; Hesterberg (2015).
 * The same seed draws the same sets.
 */
export function bootstrapTrays<T>(
  trays: readonly T[],
  figure: (drawn: readonly T[]) => number | undefined,
  seed: number,
  draws: number = BOOTSTRAP.draws,
): readonly [number, number] | undefined {
  if (trays.length < BOOTSTRAP.leastTrays) return undefined;
  const random = seededRandom(seed);
  const found: number[] = [];
  for (let i = 0; i < draws; i += 1) {
    const value = figure(Array.from(trays, () => trays[Math.floor(random() * trays.length)] as T));
    if (value !== undefined) found.push(value);
  }
  if (found.length < draws * 0.95) return undefined;
  found.sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (found.length - 1);
    const [below, part] = [Math.floor(place), place % 1];
    return (found[below] as number) * (1 - part) + (found[Math.min(below + 1, found.length - 1)] as number) * part;
  };
  const n = trays.length;
  const beyond = normalBelow(-Math.sqrt(n / (n - 1)) * studentT(0.975, n - 1));
  return [at(beyond), at(1 - beyond)];
}
