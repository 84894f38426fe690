import { meanOf } from '../statistics';
import type { Doubt, ReadLine } from './readRecipe';
import { LITRES_OF, UNIT_WORDS, type RecipeUnit } from './units';

export interface PartsLine {
  readonly line: ReadLine;
  /** Loose parts; absent for an additive, which has no volume that counts. */
  readonly parts?: number;
}

export interface PartsRecipe {
  readonly lines: readonly PartsLine[];
  readonly doubts: readonly Doubt[];
}

/** Additives by weight change chemistry and price, not volume. */
const isAdditive = (unit: RecipeUnit): boolean => unit === 'gPerL' || unit === 'spoon';

const middle = ({ lo, hi }: ReadLine): number => meanOf([lo, hi]);

/**
 * What was read, in loose parts as the desk counts. Ranges are taken in their middle.
 *
 * Volumes become litres; one unit of unknown size for all lines (scoops, buckets, bags) is as good as parts; percent are
 * parts of a hundred, with a doubt where they do not total 100; "the rest" fills percent up to 100. Units that cannot be
 * told apart in size (a handful beside parts) and a rest beside parts are doubts.
 */
export function partsOf(lines: readonly ReadLine[]): PartsRecipe {
  const doubts: Doubt[] = [];
  const counted = lines.filter((line) => !isAdditive(line.unit) && line.unit !== 'rest');
  const rests = lines.filter((line) => line.unit === 'rest');
  const units = new Set(counted.map((line) => (LITRES_OF[line.unit] === undefined ? line.unit : 'L')));
  const percent = units.has('percent');
  if (units.size > 1) {
    const words = [...units].map((unit) => UNIT_WORDS[unit]).join(' and ');
    doubts.push({ text: words, ask: `How much is one of the others in ${UNIT_WORDS[[...units][0] as RecipeUnit]}?` });
  }
  const amount = (line: ReadLine): number => middle(line) * (units.size === 1 ? (LITRES_OF[line.unit] ?? 1) : 1);
  const total = counted.reduce((sum, line) => sum + amount(line), 0);
  if (percent && rests.length === 0 && Math.abs(total - 100) > 0.5)
    doubts.push({
      text: `${String(Math.round(total * 10) / 10)} %`,
      ask: 'These do not total 100 %: rescale them, or is something on top?',
    });
  if (rests.length > 1) doubts.push({ text: 'the rest', ask: 'There are two rests; how are they shared?' });
  if (rests.length === 1 && (!percent || total >= 100))
    doubts.push({ text: rests[0]?.text ?? '', ask: 'The rest of what? Say the whole, or write percent.' });
  const settled = units.size <= 1;
  return {
    doubts,
    lines: lines.map((line): PartsLine => {
      if (isAdditive(line.unit)) return { line };
      if (line.unit === 'rest')
        return percent && total < 100 && rests.length === 1 ? { line, parts: 100 - total } : { line };
      return settled ? { line, parts: amount(line) } : { line };
    }),
  };
}
