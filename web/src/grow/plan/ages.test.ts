import { expect, it } from 'vitest';
import { readAges, writeAges } from './ages';

it.each([
  ['3-6, 14 21', [3, 4, 5, 6, 14, 21]],
  ['21; 7,7', [7, 21]],
  ['', []],
])('%s is read as days', (text, ages) => {
  expect(readAges(text, 'ages')).toEqual(ages);
});

it.each(['x', '7-', '9-3', '1000'])('%s is none', (text) => {
  expect(() => readAges(text, 'ages')).toThrow(/day|backwards/);
});

it('is written as one would write it, and read back the same', () => {
  const ages = [3, 4, 5, 6, 9, 10, 14];
  expect(writeAges(ages)).toBe('3-6, 9, 10, 14');
  expect(readAges(writeAges(ages), 'ages')).toEqual(ages);
});
