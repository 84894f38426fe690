import { BLEND_DEFAULTS, evaluateBlend, prepareBlend, type BlendScalars } from '../blend';
import type { WorkControl } from '../bands';
import type { Check } from '../errors';
import { lossOf } from './loss';
import { partLimits, requireSearch, SEARCH_DEFAULTS, type RecipeSearchInput } from './searchInput';

/** One recipe in whole parts, in the order of the components, with what it would be. */
export interface FoundRecipe extends BlendScalars {
  readonly parts: readonly number[];
  readonly loss: number;
}

export interface RecipeSearchResult {
  /** Recipes that were tried, those that a must rejected included. */
  readonly evaluated: number;
  /** The best ones, best first; ties in the order in which they were tried. */
  readonly recipes: readonly FoundRecipe[];
  /** Price against fit: no recipe is both cheaper and better than one of these; cheapest first. */
  readonly front: readonly { readonly parts: readonly number[]; readonly price: number; readonly loss: number }[];
  readonly checks: readonly Check[];
}

/** How often progress is told and stopping asked for, recipes. */
const TELL_EVERY = 2048;

/** Visits every way to share out the parts within the limits, in one array used again; whether none was stopped at. */
export function forEachRecipe(input: RecipeSearchInput, visit: (parts: number[]) => boolean): boolean {
  const { least, most } = partLimits(input);
  const count = least.length;
  // What the components from i on can still take at least and at most.
  const restLeast = new Array<number>(count + 1).fill(0);
  const restMost = new Array<number>(count + 1).fill(0);
  for (let i = count - 1; i >= 0; i -= 1) {
    restLeast[i] = (restLeast[i + 1] as number) + (least[i] as number);
    restMost[i] = (restMost[i + 1] as number) + (most[i] as number);
  }
  const parts = new Array<number>(count).fill(0);
  const share = (i: number, left: number): boolean => {
    if (i === count - 1) {
      parts[i] = left;
      return visit(parts);
    }
    const from = Math.max(least[i] as number, left - (restMost[i + 1] as number));
    const to = Math.min(most[i] as number, left - (restLeast[i + 1] as number));
    for (let own = to; own >= from; own -= 1) {
      parts[i] = own;
      if (!share(i + 1, left - own)) return false;
    }
    return true;
  };
  return share(0, input.parts);
}

/** How many recipes there are within the limits. */
export function countRecipes(input: RecipeSearchInput): number {
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

/** Keeps the best few in order, without sorting all. */
class Best {
  private readonly kept: FoundRecipe[] = [];
  constructor(private readonly keep: number) {}

  /** Whether a loss would still be kept. */
  admits(loss: number): boolean {
    return this.kept.length < this.keep || loss < (this.kept.at(-1) as FoundRecipe).loss;
  }

  add(recipe: FoundRecipe): void {
    const at = this.kept.findIndex((one) => one.loss > recipe.loss);
    this.kept.splice(at < 0 ? this.kept.length : at, 0, recipe);
    if (this.kept.length > this.keep) this.kept.pop();
  }

  get list(): readonly FoundRecipe[] {
    return this.kept;
  }
}

interface FrontPoint {
  readonly parts: readonly number[];
  readonly price: number;
  readonly loss: number;
}

/** The front of price against loss: dearer recipes stay only where they fit better. */
class Front {
  private points: FrontPoint[] = [];

  offer(price: number, loss: number, parts: readonly number[]): void {
    // Points stand by rising price and falling loss: the last one that is not dearer is the best of the cheaper.
    let lo = 0;
    let hi = this.points.length;
    while (lo < hi) {
      const middle = (lo + hi) >> 1;
      if ((this.points[middle] as FrontPoint).price <= price) lo = middle + 1;
      else hi = middle;
    }
    const cheaper = this.points[lo - 1];
    if (cheaper !== undefined && cheaper.loss <= loss) return;
    let from = lo;
    if (cheaper?.price === price) from = lo - 1;
    let to = lo;
    while (to < this.points.length && (this.points[to] as FrontPoint).loss >= loss) to += 1;
    this.points.splice(from, to - from, { parts: [...parts], price, loss });
  }

  get list(): readonly FrontPoint[] {
    return this.points;
  }
}

/**
 * Every recipe in whole parts, scored against a target: exhaustive and exact, by the packing model (kappa 1 unless given).
 *
 * `components` as in `blend` (their volume is not used) with least and most parts; loss as in `lossOf`. Recipes are
 * tried from most of the first component to least. Throws for what `blend` refuses, for limits that cannot be met
 * (path `parts`) and for unknown properties. A property that a recipe lacks is a miss of 1, with a check. Cancelled
 * work returns undefined.
 * Example: 12 parts of 8 components are 50,388 recipes.
 */
export function recipeSearch(input: RecipeSearchInput, control: WorkControl = {}): RecipeSearchResult | undefined {
  requireSearch(input);
  const components = input.components.map((one) => ({ ...one, volume: one.volume ?? 1 }));
  const prepared = prepareBlend(components, input.container);
  const total = countRecipes(input);
  const best = new Best(input.keep ?? SEARCH_DEFAULTS.keep);
  const front = new Front();
  const lacking = new Set<string>();
  const settings = { model: 'packing', kappa: input.kappa ?? BLEND_DEFAULTS.kappa } as const;
  let evaluated = 0;
  const completed = forEachRecipe(input, (parts) => {
    if (evaluated % TELL_EVERY === 0) {
      if (control.isCancelled?.() === true) return false;
      control.onProgress?.(evaluated / total);
    }
    evaluated += 1;
    const { scalars } = evaluateBlend(prepared, parts, settings);
    for (const { property } of input.targets) if (!(property in scalars)) lacking.add(property);
    const loss = lossOf(scalars, input.targets);
    if (loss === undefined) return true;
    if (best.admits(loss)) best.add({ parts: [...parts], loss, ...scalars });
    if (scalars.pricePerL !== undefined) front.offer(scalars.pricePerL, loss, parts);
    return true;
  });
  if (!completed) return undefined;
  const checks = [...lacking].map((property): Check => {
    const message = `Some recipes have no ${property}, for a component lacks it; that counts as a miss of 1.`;
    return { code: 'property-lacking', severity: 'note', message };
  });
  return { evaluated, recipes: best.list, front: front.list, checks };
}
