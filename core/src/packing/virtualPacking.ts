import { CLASS_QUANTILES, CLASS_SHARE, type Grains } from './grains';
import { loosened, unwalled } from './interaction';
import { POURED_K } from './solvePacking';

/** Newton's steps at most; it is done after six or seven. */
const MOST_STEPS = 60;

/**
 * Virtual packing beta of a component: the one with which it packs alone, poured, at its own loose packing phi; the
 * same for all its classes.
 *
 * Alone, 1/gamma_k = (1 - s F_k - s m_k)/beta + s m_k, with s the share of a class, F_k the unloosened share of the
 * finer classes and m_k the unwalled count of the coarser. Phi being known, K = sum (s/beta)/(1/phi - 1/gamma_k) =
 * sum s/(beta (1/phi - s m_k) - above_k) falls with beta and is convex, so Newton's iteration from the greatest beta at
 * which one class alone gives K rises to the root without passing it.
 * Example: one size of grains packing at 0.6: beta = 0.6 (1 + 1/4.1).
 */
export function virtualPacking(grains: Grains): number {
  const inverse = 1 / grains.packing;
  const rows = ownRows(grains.spread);
  let beta = 0;
  for (const { level, above } of rows) {
    const alone = (above + CLASS_SHARE / POURED_K) / (inverse - level);
    if (alone > beta) beta = alone;
  }
  for (let step = 0; step < MOST_STEPS; step += 1) {
    let sum = -POURED_K;
    let slope = 0;
    for (const { level, above } of rows) {
      const term = 1 / (beta * (inverse - level) - above);
      sum += CLASS_SHARE * term;
      slope += CLASS_SHARE * (inverse - level) * term * term;
    }
    const move = sum / slope;
    beta += move;
    if (Math.abs(move) <= 1e-12 * beta) break;
  }
  return beta;
}

/** What a class meets within its own material: 1/gamma = above/beta + level. */
export interface OwnRow {
  readonly level: number;
  readonly above: number;
}

/** How far classes lie apart, in logarithms of the spread: distinct distances, and which of them each two have. */
const GAPS = CLASS_QUANTILES.map((qk) => CLASS_QUANTILES.map((qj) => Number(Math.abs(qj - qk).toFixed(12))));
const DISTANCES: readonly number[] = [...new Set(GAPS.flat())];
const APART: readonly (readonly number[])[] = GAPS.map((row) => row.map((gap) => DISTANCES.indexOf(gap)));

/** Rows by spread: thousands of draws ask for the same few materials. */
const known = new Map<number, readonly OwnRow[]>();
const MOST_KNOWN = 64;

/** Ratios of diameters within one log-normal material are powers of its spread, so only that decides. */
export function ownRows(spread: number): readonly OwnRow[] {
  const before = known.get(spread);
  if (before !== undefined) return before;
  // Five classes lie only so many distances apart: each is worked out once.
  const logSpread = Math.log(spread);
  const ratios = DISTANCES.map((distance) => Math.exp(-distance * logSpread));
  const walls = ratios.map(unwalled);
  const spared = ratios.map((ratio) => 1 - loosened(ratio));
  const rows = CLASS_QUANTILES.map((_, k): OwnRow => {
    let finer = 0;
    let coarser = 0;
    for (let j = 0; j < CLASS_QUANTILES.length; j += 1) {
      const distance = (APART[k] as readonly number[])[j] as number;
      // Grains all alike are of one size, whatever their quantile.
      if (j > k && spread > 1) coarser += walls[distance] as number;
      else finer += spared[distance] as number;
    }
    const level = CLASS_SHARE * coarser;
    return { level, above: 1 - CLASS_SHARE * finer - level };
  });
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(spread, rows);
  return rows;
}
