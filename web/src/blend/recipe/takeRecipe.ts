import { dosedClassCalled } from './dosedClassCalled';
import type { LotRow, Recipe, RecipeAdditive, RecipeLine } from '@bent-pail/contract';
import { EQUIVALENTS, type PartsLine, type PartsRecipe } from '@bent-pail/core';
import { matchLot } from './matchLot';

/** What was read of a written recipe, as the desk takes it. */
export type TakenRecipe = Pick<Recipe, 'lines'> &
  Partial<Pick<Recipe, 'part_L' | 'whole' | 'additives' | 'lime_meqPerL'>>;

interface Chosen {
  /** The lot of each line by its place; empty where it is left out. */
  readonly lotOf: (line: PartsLine, place: number) => string;
  readonly lots: readonly LotRow[];
  /** Place of the line that comes on top. */
  readonly onTop?: number;
}

/** Additives that are counted in grams to the litre. */
const isWeighed = ({ line }: PartsLine): boolean => line.unit === 'gPerL';
/** Lime by its names; it moves the pH and is kept as base, not as a powder. */
const LIME = /\b(lime|limestone|dolomite|dolomitic)\b/;

const rounded = (value: number): number => Number(value.toFixed(3));

/** Lines, powders and lime of a read recipe; what was left out or cannot be counted is not in it. */
export function takeRecipe(counted: PartsRecipe, { lotOf, lots, onTop }: Chosen): TakenRecipe {
  const lines = counted.lines.flatMap((one, i): RecipeLine[] => {
    const lotId = lotOf(one, i);
    if (one.parts === undefined || lotId === '') return [];
    const { line, each = 1 } = one;
    const or = line.alternatives.flatMap((name) => {
      const id = matchLot([name], lots)?.id;
      return id === undefined || id === lotId ? [] : [id];
    });
    return [
      {
        lotId,
        parts: rounded(one.parts),
        written: line.text.slice(0, 160),
        ...(line.hi > line.lo ? { least: rounded(line.lo * each), most: rounded(line.hi * each) } : {}),
        ...(or.length === 0 ? {} : { or: or.slice(0, 4) }),
        ...(line.optional ? { optional: true } : {}),
        ...(line.unit === 'rest' ? { rest: true } : {}),
        ...(onTop === i ? { onTop: true } : {}),
      },
    ];
  });
  const powders = counted.lines.filter(isWeighed);
  const lime = powders.filter(({ line }) => LIME.test(line.name)).reduce((sum, { line }) => sum + line.lo, 0);
  const additives = powders
    .filter(({ line }) => !LIME.test(line.name))
    .map(({ line }): RecipeAdditive => {
      const classId = dosedClassCalled(line.name);
      return {
        name: line.name,
        gPerL: rounded((line.lo + line.hi) / 2),
        ...(classId === undefined ? {} : { classId }),
      };
    });
  return {
    lines: merged(lines),
    ...(counted.part_L === undefined ? {} : { part_L: counted.part_L }),
    ...(counted.whole === undefined ? {} : { whole: counted.whole }),
    ...(additives.length === 0 ? {} : { additives }),
    ...(lime === 0 ? {} : { lime_meqPerL: rounded((lime * 1000) / EQUIVALENTS.caco3_gPerEq) }),
  };
}

/** Two lines of one lot are one line of it. */
function merged(lines: readonly RecipeLine[]): RecipeLine[] {
  const ids = [...new Set(lines.map((line) => line.lotId))];
  return ids.flatMap((lotId) => {
    const [first, ...others] = lines.filter((line) => line.lotId === lotId);
    if (first === undefined) return [];
    return [{ ...first, parts: others.reduce((sum, line) => sum + line.parts, first.parts) }];
  });
}
