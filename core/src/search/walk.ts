import { partLimits, type Shared } from './searchInput';

/**
 * A walk over every way to share out the parts within the limits of each component, from most of the first to least.
 * `parts` is one array, written anew by `next`; before the first `next` it says nothing.
 */
export class RecipeWalk {
  readonly parts: number[];
  private readonly least: readonly number[];
  private readonly most: readonly number[];
  /** What the components from i on take at least and at most. */
  private readonly restLeast: readonly number[];
  private readonly restMost: readonly number[];
  private begun = false;

  constructor(private readonly input: Shared) {
    const { least, most } = partLimits(input);
    this.least = least;
    this.most = most;
    this.parts = least.map(() => 0);
    this.restLeast = fromHereOn(least);
    this.restMost = fromHereOn(most);
  }

  /** Goes to the next recipe; false when there is none. */
  next(): boolean {
    if (!this.begun) {
      this.begun = true;
      return this.deal(0, this.input.parts);
    }
    // The last component takes what is left: it is never the one that gives a part away.
    let left = this.parts.at(-1) as number;
    for (let i = this.parts.length - 2; i >= 0; i -= 1) {
      const own = this.parts[i] as number;
      if (own > (this.least[i] as number) && left + 1 <= (this.restMost[i + 1] as number)) {
        this.parts[i] = own - 1;
        return this.deal(i + 1, left + 1);
      }
      left += own;
    }
    return false;
  }

  /** Gives each component from `i` on as much as the later ones leave it. */
  private deal(i: number, toShare: number): boolean {
    let left = toShare;
    for (let at = i; at < this.parts.length; at += 1) {
      const own = Math.min(this.most[at] as number, left - (this.restLeast[at + 1] as number));
      this.parts[at] = own;
      left -= own;
    }
    return left === 0;
  }
}

/** Sums from each place to the end, and 0 behind it. */
function fromHereOn(values: readonly number[]): number[] {
  const sums = new Array<number>(values.length + 1).fill(0);
  for (let i = values.length - 1; i >= 0; i -= 1) sums[i] = (sums[i + 1] as number) + (values[i] as number);
  return sums;
}

/** How many recipes there are within the limits. */
export function countRecipes(input: Shared): number {
  const { least, most } = partLimits(input);
  let ways = new Array<number>(input.parts + 1).fill(0);
  ways[0] = 1;
  least.forEach((lo, i) => {
    const next = new Array<number>(input.parts + 1).fill(0);
    for (let total = 0; total <= input.parts; total += 1) {
      for (let own = lo; own <= Math.min(most[i] as number, total); own += 1) {
        next[total] = (next[total] as number) + (ways[total - own] as number);
      }
    }
    ways = next;
  });
  return ways[input.parts] as number;
}
