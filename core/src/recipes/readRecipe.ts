import { inDoubt, together, type ReadRecipe } from './asRead';
import { pieces } from './pieces';
import { readEqual } from './readEqual';
import { readPiece } from './readPiece';
import { RECIPE_LIMITS, singleSpaced, unreadable } from './readable';
import { readRatio } from './readRatio';

/** Letters of a text that is not read, shown beside why. */
const SHOWN = 60;

/**
 * Reads a recipe as people write it, in English, into lines for confirmation.
 *
 * Numbers as digits, decimals with point or comma, fractions and words; ranges "2-3"; units as in `UNIT_SPELLINGS`, bare
 * numbers as parts; "or" as alternatives, "optional", "the rest"; ratios "3:1" and "equal parts". A piece that has no
 * amount, a vague one, a weight, or more than one meaning becomes a doubt with what to ask; nothing is dropped in silence.
 * An empty text has neither lines nor doubts; one that is too long to be a recipe (`RECIPE_LIMITS`) is one doubt.
 */
export function readRecipe(text: string): ReadRecipe {
  // A long text is not even looked through for spaces.
  const whole = text.length > RECIPE_LIMITS.letters ? text : singleSpaced(text);
  if (whole === '') return { lines: [], doubts: [] };
  const refusal = unreadable(whole);
  if (refusal !== undefined) return inDoubt(`${whole.slice(0, SHOWN)} …`, refusal);
  const special = whole.includes('\n') ? undefined : (readEqual(whole) ?? readRatio(whole));
  if (special !== undefined) return special;
  return pieces(whole).reduce<ReadRecipe>(
    (read, piece) => together([read, readPiece(piece, read.lines.at(-1)?.unit)]),
    {
      lines: [],
      doubts: [],
    },
  );
}
