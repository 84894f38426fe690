import type { DeskBlend, LotRow, Recipe, RecipeAdditive, RecipeLine } from '@bent-pail/contract';
import { EQUIVALENTS, type PartsLine, type PartsRecipe } from '@bent-pail/core';
import { matchLot } from './matchLot';

/** What was read of a written recipe, as the desk takes it. */
export type TakenRecipe = Pick<Recipe, 'lines'> &
  Partial<Pick<Recipe, 'part_L' | 'whole' | 'additives' | 'lime_meqPerL'>>;

interface Chosen {
  /** The lot or the blend of each line by its place; empty where it is left out. */
  readonly meantBy: (line: PartsLine, place: number) => string;
  readonly lots: readonly LotRow[];
  readonly blends?: readonly DeskBlend[];
  /** Place of the line that comes on top. */
  readonly onTop?: number;
}

/** Lime by its names; it moves the pH and is kept as base, not as a powder. */
const LIME = /\b(lime|limestone|dolomite|dolomitic)\b/;

const rounded = (value: number): number => Number(value.toFixed(3));

/** Lines, powders and lime of a read recipe; what was left out or cannot be counted is not in it. */
export function takeRecipe(counted: PartsRecipe, { meantBy, lots, blends = [], onTop }: Chosen): TakenRecipe {
  const lines = counted.lines.flatMap((one, i): RecipeLine[] => {
    const id = meantBy(one, i);
    if (one.parts === undefined || id === '') return [];
    const blend = blends.find((each) => each.id === id);
    const { line, each = 1 } = one;
    const or = line.alternatives.flatMap((name) => {
      const other = matchLot([name], lots)?.id;
      return other === undefined || other === id ? [] : [other];
    });
    return [
      {
        ...(blend === undefined ? { lotId: id } : { blend: { id, n: blend.latest.n } }),
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
  const powders = counted.lines.flatMap(({ line, gPerL, dosed }) =>
    gPerL === undefined ? [] : [{ name: line.name, gPerL, classId: dosed }],
  );
  const lime = powders.filter(({ name }) => LIME.test(name)).reduce((sum, { gPerL }) => sum + gPerL, 0);
  const additives = powders
    .filter(({ name }) => !LIME.test(name))
    .map(({ name, gPerL, classId }): RecipeAdditive => ({
      name,
      gPerL: rounded(gPerL),
      ...(classId === undefined ? {} : { classId }),
    }));
  return {
    lines: merged(lines),
    ...(counted.part_L === undefined ? {} : { part_L: counted.part_L }),
    ...(counted.whole === undefined ? {} : { whole: counted.whole }),
    ...(additives.length === 0 ? {} : { additives }),
    ...(lime === 0 ? {} : { lime_meqPerL: rounded((lime * 1000) / EQUIVALENTS.caco3_gPerEq) }),
  };
}

/** Two lines of one lot, or of one blend, are one line of it. */
function merged(lines: readonly RecipeLine[]): RecipeLine[] {
  const of = ({ lotId, blend }: RecipeLine): string => lotId ?? blend?.id ?? '';
  return [...new Set(lines.map(of))].flatMap((id) => {
    const [first, ...others] = lines.filter((line) => of(line) === id);
    if (first === undefined) return [];
    return [{ ...first, parts: others.reduce((sum, line) => sum + line.parts, first.parts) }];
  });
}
