import { expect, it } from 'vitest';
import { limitsOf } from './partLimits';

it('takes limits as they are typed, in whole parts', () => {
  expect(limitsOf({}, { least: '1', most: '4.7' }, 8, undefined)).toEqual({ minParts: 1, maxParts: 4 });
  expect(limitsOf({}, { least: '', most: '' }, 8, undefined)).toEqual({});
  expect(limitsOf({}, undefined, 8, undefined)).toEqual({});
});

it('takes no more than the stock reaches for', () => {
  // A part of 8 in 100 L is 12.5 L; 30 L are two of them.
  expect(limitsOf({ stock_L: 30 }, undefined, 8, 100)).toEqual({ maxParts: 2 });
  expect(limitsOf({ stock_L: 30 }, { least: '', most: '1' }, 8, 100)).toEqual({ maxParts: 1 });
  expect(limitsOf({ stock_L: 900 }, undefined, 8, 100)).toEqual({ maxParts: 8 });
  expect(limitsOf({}, undefined, 8, 100)).toEqual({});
});
