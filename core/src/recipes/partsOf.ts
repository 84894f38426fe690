import { findDosedClass } from '../classes';
import { readName } from '../names';
import { meanOf } from '../statistics';
import type { Doubt, ReadLine } from './asRead';
import { litresOf, type Sizes } from './shownIn';
import { LITRES_OF, type RecipeUnit } from './units';
import { UNIT_WORDS } from './unitWords';

export interface PartsLine {
  readonly line: ReadLine;
  /** Loose parts; absent for an additive, which has no volume that counts. */
  readonly parts?: number;
  /** What of an additive goes to a litre made, where it is said. */
  readonly gPerL?: number;
  /** The class of what is given by weight, however it was written: 5 % of a meal is a dose and no volume. */
  readonly dosed?: string;
  /** Parts in one of its own unit, so that a range can be told too. */
  readonly each?: number;
}

export interface PartsRecipe {
  readonly lines: readonly PartsLine[];
  readonly doubts: readonly Doubt[];
  /** What the person can settle, see `Settled`. */
  readonly asks: readonly ('size of a part' | 'meaning of percent')[];
  /** Litres in one part, where everything is in litres now. */
  readonly part_L?: number;
  /** What the lines fill up to, where one of them is the rest. */
  readonly whole?: number;
}

/** What the person has settled of a recipe that could mean two things. */
export interface Settled {
  /** Litres in one part. */
  readonly part_L?: number;
  /** Percent that do not total 100: shared out as they stand, or a line comes on top. */
  readonly percent?: 'rescale' | 'on top';
  /** What a scoop, a bucket and the like hold at this bench, L. */
  readonly sizes?: Sizes;
  /** Grams to a litre made of what is given by weight and was written otherwise, by the place of its line. */
  readonly doses?: Readonly<Record<number, number>>;
}

/** Additives by weight change chemistry and price, not volume. */
const isAdditive = (unit: RecipeUnit): boolean => unit === 'gPerL' || unit === 'spoon';

/** The class of what is given by weight that a line surely names. */
const dosedClass = ({ name }: ReadLine) => findDosedClass(readName(name).preset?.classId ?? '');

/** A line that is given by weight; its dose where it was written so, or was said since. */
function additive(line: ReadLine, said: number | undefined): PartsLine | undefined {
  const dosed = dosedClass(line);
  if (!isAdditive(line.unit) && dosed === undefined) return undefined;
  const gPerL = line.unit === 'gPerL' ? middle(line) : said;
  return {
    line,
    ...(gPerL === undefined ? {} : { gPerL }),
    ...(dosed === undefined ? {} : { dosed: dosed.id }),
  };
}

const middle = ({ lo, hi }: ReadLine): number => meanOf([lo, hi]);

/** One unit to count in: litres where every unit has a size, else the one that all lines are in. */
function countedIn(units: ReadonlySet<RecipeUnit>, { part_L, sizes }: Settled): RecipeUnit | 'mixed' {
  const [first] = units;
  if (first === undefined) return 'part';
  if (units.size === 1) return LITRES_OF[first] === undefined ? first : 'L';
  const sized = (unit: RecipeUnit): boolean =>
    unit === 'part' ? part_L !== undefined : litresOf(unit, sizes) !== undefined;
  return [...units].every(sized) ? 'L' : 'mixed';
}

/**
 * What was read, in loose parts as the desk counts. Ranges are taken in their middle.
 *
 * Volumes become litres, buckets and scoops beside them too, by their usual size; one unit of unknown size for all lines
 * is as good as parts; percent are parts of a hundred, with a doubt where they do not total 100; "the rest" fills percent
 * up to 100. Units that cannot be told apart in size (a handful beside parts) and a rest beside parts are doubts; the
 * size of a part, or what percent over 100 mean, settles its own.
 */
export function partsOf(lines: readonly ReadLine[], settled: Settled = {}): PartsRecipe {
  const doubts: Doubt[] = [];
  const asks: PartsRecipe['asks'][number][] = [];
  const byWeight = lines.map((line, i) => additive(line, settled.doses?.[i]));
  const counted = lines.filter((line, i) => byWeight[i] === undefined && line.unit !== 'rest');
  const rests = lines.filter((line) => line.unit === 'rest');
  const units = new Set(counted.map((line) => line.unit));
  const unit = countedIn(units, settled);
  const percent = unit === 'percent';
  if (unit === 'mixed') {
    asks.push('size of a part');
    const [first, ...others] = [...units].map((one) => UNIT_WORDS[one]);
    const them = others.join(' and ');
    doubts.push({
      text: `${first ?? ''} and ${them}`,
      ask: `It counts in ${first ?? ''} and in ${them}: how large is each?`,
    });
  }
  const each = (one: RecipeUnit): number =>
    unit !== 'L' ? 1 : one === 'part' ? (settled.part_L ?? 1) : (litresOf(one, settled.sizes) ?? 1);
  const amount = (line: ReadLine): number => middle(line) * each(line.unit);
  const total = counted.reduce((sum, line) => sum + amount(line), 0);
  // Whoever wrote 5 % of a meal counted it in their hundred.
  const written = lines.reduce((sum, line) => sum + (line.unit === 'percent' ? middle(line) : 0), 0);
  if (percent && rests.length === 0 && Math.abs(written - 100) > 0.5 && settled.percent === undefined) {
    asks.push('meaning of percent');
    doubts.push({
      text: `${String(Math.round(written * 10) / 10)} %`,
      ask: 'These do not total 100 %: rescale them, or is something on top?',
    });
  }
  if (rests.length > 1) doubts.push({ text: 'the rest', ask: 'There are two rests; how are they shared?' });
  if (rests.length === 1 && (!percent || written >= 100))
    doubts.push({ text: rests[0]?.text ?? '', ask: 'The rest of what? Say the whole, or write percent.' });
  for (const one of byWeight)
    if (one !== undefined && one.gPerL === undefined)
      doubts.push({
        text: one.line.text,
        ask: `${findDosedClass(one.dosed ?? '')?.label ?? 'A spoon of it'} counts by weight: how many grams go to a litre made?`,
      });
  const filled = percent && written < 100 && rests.length === 1;
  return {
    doubts,
    asks,
    ...(unit === 'L' ? { part_L: 1 } : {}),
    ...(filled ? { whole: 100 - (written - total) } : {}),
    lines: lines.map((line, i): PartsLine => {
      const weighed = byWeight[i];
      if (weighed !== undefined) return weighed;
      if (line.unit === 'rest') return filled ? { line, parts: 100 - written } : { line };
      return unit === 'mixed' ? { line } : { line, parts: amount(line), each: each(line.unit) };
    }),
  };
}
