import type { BlendScalars } from '../blend';

/** One recipe in whole parts, in the order of the components, with what it would be. */
export interface FoundRecipe extends BlendScalars {
  readonly parts: readonly number[];
  readonly loss: number;
}

/** Keeps the best few in order, without sorting all. */
export class Best {
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
export class Front {
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
