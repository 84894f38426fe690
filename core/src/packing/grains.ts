/** Which rules hold: 1 as first published here, 2 with softness that fades at equal sizes and a loss of pores without a cut. */
export type Physics = 1 | 2;

/** What packing needs of one component: its own loose packing, size distribution and softness. */
export interface Grains {
  /** Loose packing fraction of the component alone, 1 - interparticle void. */
  readonly packing: number;
  readonly d50_mm: number;
  /** Geometric spread sqrt(d84/d16), at least 1. */
  readonly spread: number;
  /** 0 rigid .. 1 fully yielding. */
  readonly softness: number;
}

/** Standard normal quantiles of 10, 30, 50, 70 and 90 %: the medians of five classes of equal volume. */
export const CLASS_QUANTILES = Object.freeze([
  -1.2815515655446004, -0.5244005127080409, 0, 0.5244005127080407, 1.2815515655446004,
]);

/** Share of a component's volume in each of its classes. */
export const CLASS_SHARE = 1 / CLASS_QUANTILES.length;

/** Diameters of the five classes, mm: d50 sg^q of a log-normal distribution. */
export function classDiameters_mm(grains: Grains): number[] {
  return CLASS_QUANTILES.map((q) => grains.d50_mm * Math.pow(grains.spread, q));
}
