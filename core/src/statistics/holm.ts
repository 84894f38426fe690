/**
 * Several p made ready to be looked at together: the smallest times their number, the next times one less, never less
 * than the one before, at most 1.
 *
 * Source: Holm (1979). Example: [0.01, 0.04, 0.03] gives [0.03, 0.06, 0.06].
 */
export function holm(ps: readonly number[]): number[] {
  const order = ps.map((_, i) => i).sort((a, b) => (ps[a] as number) - (ps[b] as number));
  const adjusted: number[] = [];
  let before = 0;
  order.forEach((at, rank) => {
    before = Math.min(1, Math.max(before, (ps.length - rank) * (ps[at] as number)));
    adjusted[at] = before;
  });
  return adjusted;
}
