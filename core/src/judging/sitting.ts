import { seededRandom, seedOf, shuffled } from '../scoring';

/** Letters and digits that are not mistaken for one another on a cup. */
const LETTERS = 'ABCDEFGHJKLMNPRSTUVWXYZ';
const DIGITS = '2345679';

/** Cups of one sitting at most: a nose is tired after more. */
export const MOST_SAMPLES = 12;

/**
 * Blind codes that say nothing: a letter and a digit each, drawn by `seed`, none twice and none of `taken`.
 */
export function blindCodes(count: number, seed: number, taken: readonly string[] = []): string[] {
  const all = [...LETTERS].flatMap((letter) => [...DIGITS].map((digit) => `${letter}${digit}`));
  const free = all.filter((code) => !taken.includes(code));
  return shuffled(free, seededRandom(seed)).slice(0, count);
}

/**
 * In which order one rater takes the samples: drawn by lot for each rater, so that no sample always comes first and none
 * always after the same neighbour. The same seed and rater give the same order.
 */
export const tastingOrder = <T>(samples: readonly T[], seed: number, raterId: string): T[] =>
  shuffled(samples, seededRandom(seedOf(raterId, seed)));

/** One known value of the warm-up sample, and what a rater gave. */
export interface WarmUpMark {
  readonly criterion: string;
  readonly known: number;
  readonly given: number;
}

/** How near a rater came to a sample whose values are known. */
export interface WarmUpSaid {
  /** Mean distance from what is known, points. */
  readonly off: number;
  /** Mean of given less known, points: above 0 marks higher. */
  readonly lean: number;
  readonly sentence: string;
}

/** Nearer than this on the mean is what one rater's own marks scatter by. */
const NEAR = 1;

/** What a warm-up says to the rater, and to nobody else before the reveal. Nothing without marks. */
export function warmUpSaid(marks: readonly WarmUpMark[]): WarmUpSaid | undefined {
  if (marks.length === 0) return undefined;
  const apart = marks.map(({ known, given }) => given - known);
  const off = apart.reduce((sum, one) => sum + Math.abs(one), 0) / apart.length;
  const lean = apart.reduce((sum, one) => sum + one, 0) / apart.length;
  return { off, lean, sentence: sentenceFor(off, lean) };
}

function sentenceFor(off: number, lean: number): string {
  if (off <= NEAR) return 'Near what is known. Go on like this.';
  if (Math.abs(lean) < off / 2)
    return 'Some higher, some lower than what is known. Take it again beside the words of the scale.';
  return `You mark ${lean > 0 ? 'higher' : 'lower'} than what is known. Take it again beside the words of the scale.`;
}
