import { RUBRICS, type CardCriterion, type Rubric } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { placeAmong, placeWords } from './place';

const price = (RUBRICS[0] as Rubric).criteria[0] as CardCriterion['criterion'];
const one = (found?: number): CardCriterion =>
  ({ criterion: price, raters: [], ...(found === undefined ? {} : { found }) }) as unknown as CardCriterion;

describe('the place of a value among all products', () => {
  it('goes by what it scores: a low price comes first', () => {
    expect(placeAmong(one(0.2), [0.15, 0.3, 0.4])).toEqual({ place: 2, of: 4, lowInAll: false });
    expect(placeAmong(one(0.15), [0.15, 0.3])?.place).toBe(1);
    expect(placeAmong(one(), [0.2])).toBeUndefined();
    expect(placeAmong(one(0.2), [])).toBeUndefined();
  });

  it('does not take what is low in all of them for a fault of one', () => {
    expect(placeAmong(one(0.4), [0.42, 0.45])).toMatchObject({ lowInAll: true });
    expect(placeAmong(one(0.4), [0.42, 0.15])).toMatchObject({ lowInAll: false, place: 2 });
  });

  it.each([
    [1, '1st of 30'],
    [2, '2nd of 30'],
    [3, '3rd of 30'],
    [4, '4th of 30'],
    [11, '11th of 30'],
    [13, '13th of 30'],
    [22, '22nd of 30'],
  ])('%i', (place, words) => {
    expect(placeWords({ place, of: 30, lowInAll: false })).toBe(words);
  });

  it('says low in all', () => {
    expect(placeWords({ place: 2, of: 5, lowInAll: true })).toBe('low in all 5');
  });
});
