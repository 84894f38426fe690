import { amountAt, normalised, type Amount } from './amount';
import { inDoubt, together, type ReadRecipe } from './asRead';
import { named, nameOf } from './names';
import { pieces } from './pieces';
import { hasNumber, isWhole, readPiece } from './readPiece';

const EQUALLY = String.raw`(?:equal (?:parts|amounts|volumes|measures|quantities)|half(?: and |[- ])half|fifty[ -]fifty|50\s*[:/]\s*50|(?:the )?same (?:amount )?(?:of )?each)`;
const EQUAL_FIRST = new RegExp(
  `^(?:(?:an? )?(?:half[- ]half|fifty[ -]fifty)(?: mix| blend)?|${EQUALLY}|the same)(?: of)?\\s*:?\\s+(.+)$`,
);
/** "1/3 mix of a, b and c", "thirds of a, b and c": as many as the fraction says. */
const SHARED_OUT = /^(?:an? )?(1\/[2-5]|half|halves|thirds?|quarters?|fifths?)(?: mix| blend)?(?: of)\s+(.+)$/;
const SHARES: Readonly<Record<string, number>> = {
  '1/2': 2,
  half: 2,
  halves: 2,
  '1/3': 3,
  third: 3,
  thirds: 3,
  '1/4': 4,
  quarter: 4,
  quarters: 4,
  '1/5': 5,
  fifth: 5,
  fifths: 5,
};
const EQUAL_LAST = new RegExp(`^(.+?),?\\s+(?:in )?${EQUALLY}$`);
const EACH_FIRST = /^([^,;:]+?) each(?: of)?\s*:?\s*(.+)$/;
const EACH_LAST = /^(.+?)[,:]?\s+((?:\S+\s+)?\S+) each$/;

const NAMES_BETWEEN = /\s*(?:,|\+|&|\band\b|\/|\n)\s*/;

interface Shared {
  readonly names: string;
  readonly amount: Pick<Amount, 'lo' | 'hi' | 'unit'>;
  /** Whether something with an amount of its own may follow: "1 part each of a and b, plus half a part of c". */
  readonly others: boolean;
}

const ONE = { lo: 1, hi: 1, unit: 'part' as const };

/** "2 parts each" as the amount of every one; a third of each is as good as one part. */
function eachAmount(text: string): Shared['amount'] | undefined {
  const found = amountAt(nameOf(text));
  if (found?.rest.trim() !== '') return undefined;
  const { lo, hi, unit } = found;
  return unit === undefined && hi < 1 ? ONE : { lo, hi, unit };
}

/** Names that are shared out by a fraction; undefined where they are not as many as it says. */
function sharedOut(low: string): Shared | undefined {
  const [, share = '', names = ''] = SHARED_OUT.exec(low) ?? [];
  const count = names.split(NAMES_BETWEEN).filter((name) => name !== '').length;
  return count > 1 && count === SHARES[share] ? { names, amount: ONE, others: false } : undefined;
}

function sharedIn(low: string): Shared | undefined {
  const out = sharedOut(low);
  if (out !== undefined) return out;
  const equal = EQUAL_FIRST.exec(low) ?? EQUAL_LAST.exec(low);
  if (equal !== null) return { names: equal[1] ?? '', amount: ONE, others: false };
  const first = EACH_FIRST.exec(low);
  const firstAmount = eachAmount(first?.[1] ?? '');
  if (firstAmount !== undefined) return { names: first?.[2] ?? '', amount: firstAmount, others: true };
  const last = EACH_LAST.exec(low);
  const lastAmount = eachAmount(last?.[2] ?? '');
  if (lastAmount !== undefined) return { names: last?.[1] ?? '', amount: lastAmount, others: false };
  return undefined;
}

/** "equal parts bark, pumice and loam", "half and half peat and perlite", "2 parts each of a and b"; else undefined. */
export function readEqual(text: string): ReadRecipe | undefined {
  const shared = sharedIn(
    normalised(text)
      .replace(/[.]+$/, '')
      .replace(/\b(thirds?|quarters?|half|parts?|same) of each$/, '$1 each'),
  );
  if (shared === undefined) return undefined;
  const cut = pieces(shared.names);
  const alike = cut.filter((piece) => !isWhole(piece));
  const names = alike
    .flatMap((piece) => piece.split(NAMES_BETWEEN))
    .map(nameOf)
    .filter((name) => name !== '');
  const others = cut.filter(isWhole);
  if (names.some(hasNumber) || names.length < 2 || (others.length > 0 && !shared.others))
    return inDoubt(text, 'Equal parts of what, and is anything else added?');
  const { lo, hi, unit = 'part' } = shared.amount;
  const lines = names.map((name) => ({ text, ...named(name), lo, hi, unit }));
  return together([{ lines, doubts: [] }, ...others.map((piece) => readPiece(piece))]);
}
