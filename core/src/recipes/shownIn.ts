import { LITRES_OF, type RecipeUnit } from './units';

/** Units that a recipe can be shown in, whatever it was written in. */
export const SHOWN_UNITS = [
  'part',
  'percent',
  'L',
  'gal',
  'cuft',
  'scoop',
  'bucket',
  'barrow',
  'cup',
  'handful',
] as const;
export type ShownUnit = (typeof SHOWN_UNITS)[number];

/** Volumes of what every bench has its own of, L, until somebody measures theirs. */
export const USUAL_MEASURES_L = Object.freeze({ scoop: 2, bucket: 10, barrow: 80, handful: 0.08 });
/** What a unit holds at this bench, L. */
export type Sizes = Readonly<Partial<Record<RecipeUnit, number>>>;

/** A bag of no lot in particular. */
const USUAL_BAG_L = 40;

/** Litres of a unit, by its own size or by the bench's; undefined for what is no volume. */
export function litresOf(unit: RecipeUnit, sizes: Sizes = {}): number | undefined {
  const usual: Sizes = { ...USUAL_MEASURES_L, bag: USUAL_BAG_L };
  return LITRES_OF[unit] ?? sizes[unit] ?? usual[unit];
}

export interface ShownLine {
  readonly parts: number;
  /** Given on top of the rest: it counts against the rest's total, not its own. */
  readonly onTop?: boolean;
}

/**
 * Parts as amounts of another unit; undefined where that needs the size of a part and it is not given.
 *
 * Percent are of the lines that are not on top. `part_L` is litres in one part.
 * Example: 3 parts and 1 part are 75 % and 25 %; at 8 L to a part they are 24 L and 8 L, or 12 scoops and 4 of 2 L.
 */
export function shownIn(
  lines: readonly ShownLine[],
  unit: ShownUnit,
  part_L?: number,
  sizes?: Sizes,
): number[] | undefined {
  if (unit === 'part') return lines.map(({ parts }) => parts);
  if (unit === 'percent') {
    const whole = lines.reduce((sum, { parts, onTop }) => sum + (onTop === true ? 0 : parts), 0);
    return whole > 0 ? lines.map(({ parts }) => (100 * parts) / whole) : undefined;
  }
  const litres = litresOf(unit, sizes);
  return part_L === undefined || litres === undefined ? undefined : lines.map(({ parts }) => (parts * part_L) / litres);
}

export interface RestLine {
  readonly parts: number;
  readonly rest?: boolean;
}

/** Lets the line that is "the rest" fill the others up to a whole, never under 0; without such a line nothing changes. */
export function fillRest<L extends RestLine>(lines: readonly L[], whole: number | undefined): L[] {
  if (whole === undefined) return [...lines];
  const others = lines.reduce((sum, line) => sum + (line.rest === true ? 0 : line.parts), 0);
  return lines.map((line) => (line.rest === true ? { ...line, parts: Math.max(0, whole - others) } : line));
}
