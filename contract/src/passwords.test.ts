import { describe, expect, it } from 'vitest';
import { passwordRefusal } from './passwords';

describe('a password that somebody chooses', () => {
  it.each(['a pail of grey water', 'hens-and-1-goose', 'ünïcödé-pails'])('may be %j', (password) => {
    expect(passwordRefusal(password)).toBeUndefined();
  });

  it.each([
    ['          ', 'Choose a password.'],
    ['', 'Choose a password.'],
    [undefined, 'Choose a password.'],
    ['short', /at least 10 characters/],
    ['   short     ', /spaces at its ends do not count/],
    ['aaaaaaaaaaaaaa', /5 different characters/],
    ['ababababababab', /5 different characters/],
    ['x'.repeat(201), /at most 200/],
    ['Password123', /tried first/],
    [' 1q2w3e4r5t ', /tried first/],
  ])('may not be %j', (password, sentence) => {
    expect(passwordRefusal(password)).toMatch(sentence);
  });
});
