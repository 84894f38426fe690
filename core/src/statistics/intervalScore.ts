import { refuse, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';

export const INTERVAL_SCORE = Object.freeze({ level: 0.8 });

const INPUT = object({
  guesses: list(
    object({ guess: number('what was guessed'), margin: number('how far it may be off, to either side') }),
    'guesses of one value, in its unit',
  ),
  value: number('what was found'),
  level: maybe(number('how often the value is to lie within the margin, as a part of 1; 0.8 unless said')),
});
export type IntervalScoreInput = InputOf<typeof INPUT>;

export interface ScoredGuess {
  /** Interval score in the value's unit: the less, the better. */
  readonly score: number;
  /** Near: how far the guess itself was off. */
  readonly off: number;
  /** Honest: the value lies within the margin. */
  readonly isHonest: boolean;
}

export interface IntervalScoreResult {
  readonly scores: readonly ScoredGuess[];
  /** Places of the guesses, from 0, the best first; of two alike the earlier first. */
  readonly order: readonly number[];
  /** Part of the guesses whose margin holds the value. */
  readonly honest: number;
  readonly checks: readonly Check[];
}

/**
 * Guesses with a margin, scored once the value is known: near and honest.
 *
 * Score = width + 2 / alpha x (what the value lies outside), alpha = 1 - level: a wide margin costs its width, a narrow
 * one that misses costs more. Nobody gains by a margin other than what they believe. Throws without a guess, for a
 * margin under 0, a level outside 0 to 1, values that are no numbers.
 * Source: Gneiting and Raftery (2007), Strictly proper scoring rules, 6.2.
 * Example: level 0.8, value 30: 25 ± 10 scores 20; 25 ± 2 scores 4 + 10 x 3 = 34.
 */
export function intervalScore({
  guesses,
  value,
  level = INTERVAL_SCORE.level,
}: IntervalScoreInput): IntervalScoreResult {
  if (guesses.length === 0) refuse('guesses', 'nothing was guessed');
  if (!Number.isFinite(value)) refuse('value', 'not a finite number');
  if (!(level > 0 && level < 1)) refuse('level', `${String(level)} given; it must lie between 0 and 1`);
  const dear = 2 / (1 - level);
  const scores = guesses.map(({ guess, margin }, i): ScoredGuess => {
    const at = `guesses[${String(i)}]`;
    if (!Number.isFinite(guess)) refuse(`${at}.guess`, 'not a finite number');
    if (!(Number.isFinite(margin) && margin >= 0)) refuse(`${at}.margin`, 'a margin is 0 or more');
    const off = Math.abs(guess - value);
    const outside = Math.max(0, off - margin);
    return { score: 2 * margin + dear * outside, off, isHonest: outside === 0 };
  });
  const order = scores.map((_, i) => i).sort((a, b) => (scores[a]?.score ?? 0) - (scores[b]?.score ?? 0) || a - b);
  const honest = scores.filter(({ isHonest }) => isHonest).length / scores.length;
  const checks: Check[] =
    scores.length > 3 && honest < level / 2
      ? [{ code: 'too-sure', severity: 'note', message: 'Most margins were too narrow: the value lies outside.' }]
      : [];
  return { scores, order, honest, checks };
}

export const intervalScoreMethod = defineMethod({
  name: 'interval-score',
  version: 1,
  source: 'Gneiting and Raftery, 2007, 6.2.',
  schema: INPUT,
  calculate: intervalScore,
  outputs: {
    score: {
      of: 'scores[0].score',
      sentence: 'What a guess with its margin is worth once the value is known: the less, the better.',
      formula: 'width of the margin + 2 / (1 − level) × what the value lies outside',
    },
  },
  golden: { input: { guesses: [{ guess: 25, margin: 10 }], value: 30 }, gives: { 'scores[0].score': 20, honest: 1 } },
});
