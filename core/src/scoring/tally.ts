/** How often each product is first and among the first three, and how often one beats another; equals share a place. */
export interface Tally {
  /** Draws in which a product is first, shared between equals. */
  readonly first: Float64Array;
  readonly topThree: Float64Array;
  /** How often the one of the row beats the one of the column. */
  readonly beats: Int32Array;
}

/** The three largest overalls of each draw, equal ones each by itself; minus infinity where there are fewer products. */
function bestThree(
  overalls: readonly Float64Array[],
  draws: number,
): readonly [Float64Array, Float64Array, Float64Array] {
  const [one, two, three] = [0, 1, 2].map(() => new Float64Array(draws).fill(-Infinity)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (const of of overalls)
    for (let d = 0; d < draws; d += 1) {
      const own = of[d] as number;
      if (own <= (three[d] as number)) continue;
      if (own > (one[d] as number)) {
        three[d] = two[d] as number;
        two[d] = one[d] as number;
        one[d] = own;
      } else if (own > (two[d] as number)) {
        three[d] = two[d] as number;
        two[d] = own;
      } else three[d] = own;
    }
  return [one, two, three];
}

/** How many products have just this overall in each draw. */
function alike(overalls: readonly Float64Array[], as: Float64Array): Int32Array {
  const counted = new Int32Array(as.length);
  for (const of of overalls)
    for (let d = 0; d < as.length; d += 1) if (of[d] === as[d]) counted[d] = (counted[d] as number) + 1;
  return counted;
}

/** Counts over the draws of all products, each with its overall in every draw. */
export function tallyOf(overalls: readonly Float64Array[], draws: number): Tally {
  const n = overalls.length;
  const [one, two, three] = bestThree(overalls, draws);
  const [firsts, thirds] = [alike(overalls, one), alike(overalls, three)];
  const first = new Float64Array(n);
  const topThree = new Float64Array(n);
  overalls.forEach((of, i) => {
    for (let d = 0; d < draws; d += 1) {
      const own = of[d] as number;
      if (own < (three[d] as number)) continue;
      if (own === one[d]) first[i] = (first[i] as number) + 1 / (firsts[d] as number);
      // Whoever is level with the third shares what places are left of the three.
      const better = own === three[d] ? ((one[d] as number) > own ? 1 : 0) + ((two[d] as number) > own ? 1 : 0) : 0;
      topThree[i] =
        (topThree[i] as number) + (own === three[d] ? Math.min(1, (3 - better) / (thirds[d] as number)) : 1);
    }
  });
  return { first, topThree, beats: beatsOf(overalls) };
}

/** How often the one of the row beats the one of the column: each pair is gone through once. */
function beatsOf(overalls: readonly Float64Array[]): Int32Array {
  const n = overalls.length;
  const beats = new Int32Array(n * n);
  for (let i = 0; i < n; i += 1)
    for (let j = i + 1; j < n; j += 1) {
      const [won, lost] = between(overalls[i] as Float64Array, overalls[j] as Float64Array);
      beats[i * n + j] = won;
      beats[j * n + i] = lost;
    }
  return beats;
}

function between(one: Float64Array, other: Float64Array): readonly [number, number] {
  let won = 0;
  let lost = 0;
  for (let d = 0; d < one.length; d += 1) {
    const own = one[d] as number;
    const than = other[d] as number;
    // Without a branch: who wins is a coin to the processor.
    won += Number(own > than);
    lost += Number(own < than);
  }
  return [won, lost];
}
