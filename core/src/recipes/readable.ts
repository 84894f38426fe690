/** What a written recipe may be at most: far more than anybody wrote, far less than would keep a page busy. */
export const RECIPE_LIMITS = Object.freeze({ letters: 20_000, line: 1000, lines: 100, signs: 250, words: 2000 });

const countOf = (text: string, sign: RegExp): number => text.match(sign)?.length ?? 0;

/** Why a text is not read as a recipe at all, as what to do; undefined where it is. Looks at each letter once. */
export function unreadable(text: string): string | undefined {
  if (text.length > RECIPE_LIMITS.letters)
    return `This is over ${RECIPE_LIMITS.letters.toLocaleString('en-GB')} letters. Paste the recipe alone.`;
  const lines = text.split('\n');
  if (lines.length > RECIPE_LIMITS.lines)
    return `This is over ${String(RECIPE_LIMITS.lines)} lines. Paste the recipe alone.`;
  if (lines.some((line) => line.length > RECIPE_LIMITS.line))
    return `A line of over ${String(RECIPE_LIMITS.line)} letters: put each part on a line of its own.`;
  if (countOf(text, /[:;,/+&(.%]/g) > RECIPE_LIMITS.signs || countOf(text, / /g) > RECIPE_LIMITS.words)
    return 'This has more signs and words than a recipe. Paste the recipe alone.';
  if (/\d{10}/.test(text)) return 'A number of more than nine digits is no amount.';
  return undefined;
}

/** A text with single spaces between its words, its lines as they were. */
export const singleSpaced = (text: string): string =>
  text
    .split('\n')
    .map((line) => line.replaceAll(/\s+/g, ' ').trim())
    .join('\n')
    .trim();
