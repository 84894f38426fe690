import type { RecipeLine } from '@bent-pail/contract';
import { litresOf, readAmount, UNIT_WORDS, type Sizes } from '@bent-pail/core';

/** What a typed amount does to its line, or why it cannot. */
export type TypedAmount =
  | { readonly kind: 'line'; readonly line: RecipeLine }
  | { readonly kind: 'refused'; readonly sentence: string };

interface Circumstances {
  readonly part_L: number | undefined;
  /** Weight of a loose millilitre as it lies; absent where nobody weighed it. */
  readonly density_gcc: number | undefined;
  /** Sum of the other lines' parts that percent are counted against. */
  readonly others: number;
  /** What a scoop, a bucket and the like hold at this bench, L. */
  readonly sizes: Sizes;
}

const mostPlaces = (value: number): number => Number(value.toFixed(4));

/** "420 g", or a container's weight before and after: "2350-1930 g". */
const WEIGHED = /^(?<before>\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(?<after>\d+(?:[.,]\d+)?))?\s*(?<unit>g|kg)$/i;

/** Grams that were poured; undefined for what is no weight. */
function pouredGrams(text: string): number | undefined {
  const found = WEIGHED.exec(text.trim());
  if (found === null) return undefined;
  const { before = '0', after = '0', unit = 'g' } = found.groups ?? {};
  const [full, left] = [before, after].map((one) => Number(one.replace(',', '.'))) as [number, number];
  return (full - left) * (unit.toLowerCase() === 'kg' ? 1000 : 1);
}

/** Poured by weight: litres by the lot's own density as it lies. */
function poured(text: string, grams: number, line: RecipeLine, { part_L, density_gcc }: Circumstances): TypedAmount {
  if (!(grams > 0)) return { kind: 'refused', sentence: 'The container must weigh less after than before.' };
  if (density_gcc === undefined)
    return {
      kind: 'refused',
      sentence: 'Nobody has weighed a level litre of it as it lies: weigh one on the bench, or type a volume.',
    };
  if (part_L === undefined)
    return { kind: 'refused', sentence: 'How many litres is one part? Say so above the recipe first.' };
  const parts = mostPlaces(grams / density_gcc / 1000 / part_L);
  return { kind: 'line', line: { ...bareAmount(line), parts, written: text.trim() } };
}

/** A line without what was said of its amount before. */
export function bareAmount(line: RecipeLine): RecipeLine {
  const { written: _written, least: _least, most: _most, rest: _rest, ...bare } = line;
  return bare;
}

/**
 * Reads an amount typed into a line: parts, a range of them, a volume where the size of a part is known, percent of the
 * whole, grams, or a container's weight before and after pouring. Anything that cannot be told is refused with what to do.
 */
export function amountTyped(text: string, line: RecipeLine, circumstances: Circumstances): TypedAmount {
  const { part_L, others, sizes } = circumstances;
  const grams = pouredGrams(text);
  if (grams !== undefined) return poured(text, grams, line, circumstances);
  const read = readAmount(text);
  if (read === undefined)
    return { kind: 'refused', sentence: 'Type a number, a range such as 2-3, or an amount such as 20 L or 30 %.' };
  const { lo, hi, unit = 'part' } = read;
  const toParts = partsIn(unit, { part_L, others, sizes });
  if (typeof toParts === 'string') return { kind: 'refused', sentence: toParts };
  const [least, most] = [mostPlaces(toParts(lo)), mostPlaces(toParts(hi))];
  const bare = bareAmount(line);
  const written = unit === 'part' ? {} : { written: text.trim() };
  return {
    kind: 'line',
    line:
      most > least
        ? { ...bare, ...written, parts: (least + most) / 2, least, most }
        : { ...bare, ...written, parts: least },
  };
}

function partsIn(
  unit: NonNullable<ReturnType<typeof readAmount>>['unit'],
  { part_L, others, sizes }: Omit<Circumstances, 'density_gcc'>,
): ((value: number) => number) | string {
  if (unit === 'part' || unit === undefined) return (value) => value;
  if (unit === 'percent') {
    if (!(others > 0)) return 'Percent of what? Give another line its parts first.';
    return (value) => (value >= 100 ? others * 1000 : (others * value) / (100 - value));
  }
  const litres = litresOf(unit, sizes);
  if (litres === undefined) return `${UNIT_WORDS[unit]} are no volume; type parts, litres or percent.`;
  if (part_L === undefined) return 'How many litres is one part? Say so above the recipe first.';
  return (value) => (value * litres) / part_L;
}
