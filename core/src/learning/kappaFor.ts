import type { BlendComponent } from '../blend';
import type { LearningUse } from './learningUse';

/** A pair counts where each of the two has at least this part of the volume. */
export const PAIR_SHARE = 0.15;

type Named = Pick<BlendComponent, 'name' | 'volume'>;

/** Each component's name with its part of the volume. */
function shares(components: readonly Named[]): Map<string, number> {
  const whole = components.reduce((sum, { volume }) => sum + volume, 0);
  const parts = new Map<string, number>();
  for (const { name, volume } of components) parts.set(name, (parts.get(name) ?? 0) + volume / whole);
  return parts;
}

/** Pairs of components that make up enough of a blend to be spoken of, each in the order of the alphabet. */
export function pairsOf(components: readonly Named[]): (readonly [string, string])[] {
  const names = [...shares(components)].filter(([, share]) => share >= PAIR_SHARE).map(([name]) => name);
  const sorted = [...new Set(names)].sort();
  return sorted.flatMap((one, i) => sorted.slice(i + 1).map((other) => [one, other] as const));
}

/** What the bench taught of kappa for these components: their pair's own where one was learnt, else what all blends say. */
export function kappaFor(
  { kappa, kappa_se, pairs = [] }: LearningUse,
  components: readonly Named[],
): { readonly kappa: number; readonly kappa_se: number } {
  if (pairs.length === 0) return { kappa, kappa_se };
  const part = shares(components);
  const there = pairsOf(components).map(([one, other]) => ({
    pair: pairs.find(({ names }) => names[0] === one && names[1] === other),
    share: (part.get(one) ?? 0) + (part.get(other) ?? 0),
  }));
  const [best] = there.filter(({ pair }) => pair !== undefined).sort((a, b) => b.share - a.share);
  return best?.pair ?? { kappa, kappa_se };
}
