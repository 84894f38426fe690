import { expect, it } from 'vitest';
import { countWaiting, waitingSaid } from './waitingSaid';

it('says how many readings wait, once more when none do, and nothing where none ever did', () => {
  expect(waitingSaid()).toEqual({});
  countWaiting(0);
  expect(waitingSaid()).toEqual({});
  countWaiting(3);
  expect(waitingSaid()).toEqual({ 'bent-pail-waiting': '3' });
  countWaiting(0);
  expect(waitingSaid()).toEqual({ 'bent-pail-waiting': '0' });
  expect(waitingSaid()).toEqual({});
});
