import type { DeskLot } from '@bent-pail/contract';

/** Fewest and most whole parts of a lot, as they are typed. */
export type Limits = Readonly<Record<string, { readonly least: string; readonly most: string }>>;

interface PartLimits {
  readonly minParts?: number;
  readonly maxParts?: number;
}

const whole = (text: string | undefined): number | undefined => {
  const value = Number(text);
  return text === undefined || text.trim() === '' || !(value >= 0) ? undefined : Math.floor(value);
};

/**
 * How many parts of a lot a search may take: as typed, and no more than its stock reaches for where a batch of some
 * litres is to come from it. A part of the batch is its litres over the parts, before the parts settle into each other.
 */
export function limitsOf(
  { stock_L }: Pick<DeskLot, 'stock_L'>,
  typed: Limits[string] | undefined,
  parts: number,
  batch_L: number | undefined,
): PartLimits {
  const [least, most] = [whole(typed?.least), whole(typed?.most)];
  const there =
    batch_L === undefined || stock_L === undefined ? undefined : Math.floor((stock_L * parts) / batch_L + 1e-9);
  const limits = [most, there].flatMap((limit) => (limit === undefined ? [] : [Math.min(limit, parts)]));
  return {
    ...(least === undefined ? {} : { minParts: least }),
    ...(limits.length === 0 ? {} : { maxParts: Math.min(...limits) }),
  };
}
