/** A source of numbers in 0..1 that gives the same sequence for the same seed. */
export type Random = () => number;

/** Mulberry32: 32 bits of state, enough for drawing bands, never for secrets. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** One standard normal draw by Box and Muller (1958). */
export function normalDraw(random: Random): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return radius * Math.cos(2 * Math.PI * random());
}

/** A number that a name always gives, so that what goes by the name draws the same whoever stands beside it. */
export function seedOf(name: string, seed: number): number {
  let hash = seed >>> 0;
  for (const sign of name) hash = (Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x9e3779b1) + 0x85ebca6b) >>> 0;
  return hash;
}

/** The same things in an order drawn by lot (Fisher and Yates); what is given stays as it was. */
export function shuffled<T>(things: readonly T[], random: Random): T[] {
  const order = [...things];
  for (let last = order.length - 1; last > 0; last -= 1) {
    const other = Math.floor(random() * (last + 1));
    [order[last], order[other]] = [order[other] as T, order[last] as T];
  }
  return order;
}
