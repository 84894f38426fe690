import { expect, it } from 'vitest';
import { reportFigure } from './reportFigure';

it.each([
  [{ value: 180 }, '180'],
  [{ value: 0.05 }, '0.05'],
  [{ value: 13.52884, formula: '31 P2O5 × 0.4364' }, '13.5'],
  [{ value: 0.046182, formula: 'x' }, '0.0462'],
  [{ value: 1234.56, formula: 'x' }, '1235'],
])('%j is shown as %s', (line, shown) => {
  expect(reportFigure(line)).toBe(shown);
});
