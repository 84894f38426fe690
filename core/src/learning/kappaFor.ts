import type { LearningUse } from './learningUse';
import type { MixedPart, Pair } from './pair';

/** A pair counts where each of the two has at least this part of the volume. */
export const PAIR_SHARE = 0.15;

/** Each material's part of the volume, with what it is called. */
function shares(parts: readonly MixedPart[]): ReadonlyMap<string, { readonly name: string; readonly share: number }> {
  const whole = parts.reduce((sum, { volume }) => sum + volume, 0);
  const found = new Map<string, { name: string; share: number }>();
  for (const { material, name, volume } of parts)
    found.set(material, { name, share: (found.get(material)?.share ?? 0) + volume / whole });
  return found;
}

/** Pairs of materials that make up enough of a blend to be spoken of, each in the order of their ids. */
export function pairsOf(parts: readonly MixedPart[]): Pair[] {
  const large = [...shares(parts)].filter(([, { share }]) => share >= PAIR_SHARE).sort(([a], [b]) => (a < b ? -1 : 1));
  return large.flatMap(([one, first], i) =>
    large.slice(i + 1).map(([other, second]): Pair => ({
      materials: [one, other],
      names: [first.name, second.name],
    })),
  );
}

const isSame = (a: Pair, b: Pair): boolean => a.materials[0] === b.materials[0] && a.materials[1] === b.materials[1];

/** What the bench taught of kappa for these parts: their pair's own where one was learnt, else what all blends say. */
export function kappaFor(
  { kappa, kappa_se, pairs = [] }: LearningUse,
  parts: readonly MixedPart[],
): { readonly kappa: number; readonly kappa_se: number } {
  if (pairs.length === 0) return { kappa, kappa_se };
  const part = shares(parts);
  const shareOf = ({ materials }: Pair): number =>
    materials.reduce((sum, material) => sum + (part.get(material)?.share ?? 0), 0);
  const there = pairsOf(parts).flatMap((pair) => pairs.find((learnt) => isSame(learnt, pair)) ?? []);
  const [best] = there.sort((a, b) => shareOf(b) - shareOf(a));
  return best ?? { kappa, kappa_se };
}
