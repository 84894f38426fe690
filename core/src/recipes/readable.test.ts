import { describe, expect, it } from 'vitest';
import { readRecipe } from '.';

/** Texts that made a reader try every way to cut them. */
const ENDLESS = [' ', '9', '1/2 ', ': ', '(a', 'a;', 'the rest ', '1 a and 2 b and ', '\n', '1:', '.,', 'equal parts '];

describe('a text that is no recipe', () => {
  it.each(ENDLESS)('of 100,000 letters of %j is answered with one doubt', (part) => {
    const { lines, doubts } = readRecipe(`1 part bark${part.repeat(100_000 / part.length)}x`);
    expect(lines).toEqual([]);
    expect(doubts).toHaveLength(1);
    expect(doubts[0]?.ask).toMatch(/Paste the recipe alone|each part on a line|nine digits/);
  });

  it.each(ENDLESS)('of 20,000 letters of %j is answered too', (part) => {
    const { lines, doubts } = readRecipe(part.repeat(20_000 / part.length));
    expect(lines.length + doubts.length).toBeLessThan(300);
  });
});

it('spaces between words do not matter, however many', () => {
  const spaced = readRecipe(`3 parts${' '.repeat(5000)}bark,   1 part  pumice`);
  expect(spaced.lines.map(({ name, lo }) => [name, lo])).toEqual([
    ['bark', 3],
    ['pumice', 1],
  ]);
});

it('a recipe of sixty lines is read', () => {
  const text = Array.from(
    { length: 60 },
    (_, i) => `${String(i + 1)} parts of grit ${String.fromCharCode(97 + (i % 26))}`,
  ).join('\n');
  expect(readRecipe(text).lines).toHaveLength(60);
});
