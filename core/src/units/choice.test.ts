import { describe, expect, it } from 'vitest';
import {
  fieldText,
  METRIC,
  readMine,
  shownDigits,
  shownSign,
  shownValue,
  shownWidth,
  UNIT_CHOICES,
  UNITS,
  type UnitChoice,
} from '.';

const AMERICAN: UnitChoice = {
  volume: 'cu ft',
  mass: 'oz',
  length: 'in',
  temperature: '°F',
  conductivity: 'µS/cm',
  price: 'per cu yd',
};

const EVERY_CHOICE = Object.entries(UNIT_CHOICES).flatMap(([kind, signs]) =>
  signs.map((sign): UnitChoice => ({ ...METRIC, [kind]: sign })),
);

/** What stands in fields and cells: the units that numbers are kept in. */
const KEPT = ['L', 'mL', 'g', 'kg', 'cm', 'mm', 'm', '°C', 'dS/m', 'per L'];

const numberOf = (text: string, kept: string, choice: UnitChoice): number => {
  const { number } = readMine(text, kept, choice);
  if (number.kind !== 'number') throw new Error(`${text} was not read`);
  return number.value;
};

describe('the units of a person', () => {
  it.each([
    [56.633693184, 'L', 'cu ft', 2],
    [236.5882365, 'mL', 'cup', 1],
    [28.349523125, 'g', 'oz', 1],
    [1.814, 'kg', 'lb', 3.99918],
    [25.4, 'cm', 'in', 10],
    [25.4, 'mm', 'in', 1],
    [20, '°C', '°F', 68],
    [0.65, 'dS/m', 'µS/cm', 650],
    [0.1, 'per L', 'per cu yd', 76.45549],
    [120, 'g/L', 'g/L', 120],
    [42, 's', 's', 42],
  ])('%s %s is shown in %s as %s', (value, kept, sign, shown) => {
    expect(shownSign(kept, AMERICAN)).toBe(sign);
    expect(shownValue(value, kept, AMERICAN)).toBeCloseTo(shown, 4);
  });

  it('a width moves no zero: half a degree is nine tenths of one', () => {
    expect(shownWidth(0.5, '°C', AMERICAN)).toBeCloseTo(0.9, 12);
    expect(shownWidth(0.5, 'pH', AMERICAN)).toBe(0.5);
  });

  it.each([
    [1, 'L', 2],
    [0, 'mL', 2],
    [1, 'mm', 2],
    [2, 'dS/m', 0],
    [2, 'per L', 2],
    [3, 'g/L', 3],
  ])('%s decimals of %s are %s of the shown unit', (digits, kept, shown) => {
    expect(shownDigits(digits, kept, AMERICAN)).toBe(shown);
  });

  it('metric changes nothing', () => {
    for (const { sign } of UNITS.filter(({ factor }) => factor === 1)) {
      expect(shownSign(sign, METRIC)).toBe(sign);
      expect(shownValue(17.3, sign, METRIC)).toBe(17.3);
    }
  });
});

describe('typed and shown', () => {
  it('a number alone is in the unit that is seen, one with its unit in that', () => {
    expect(numberOf('2', 'L', AMERICAN)).toBeCloseTo(56.633693184, 9);
    expect(numberOf('40 L', 'L', AMERICAN)).toBe(40);
    expect(numberOf('68', '°C', AMERICAN)).toBeCloseTo(20, 9);
    expect(numberOf('20 °C', '°C', AMERICAN)).toBe(20);
    expect(readMine('1,234', 'g', AMERICAN).number).toMatchObject({ kind: 'ask' });
    expect(readMine('a lot', 'g', AMERICAN).number.kind).toBe('refused');
  });

  it.each([
    [56.633693184, 'L', '2'],
    [20, 'L', '20 L'],
    [15.24, 'cm', '6'],
    [15, 'cm', '15 cm'],
    [0.65, 'dS/m', '650'],
    [7, 'pH', '7'],
  ])('%s %s stands in a field as %s', (value, kept, text) => {
    expect(fieldText(value, kept, AMERICAN)).toBe(text);
  });

  it('comes back from any unit and in any choice, equal to 1e-9', () => {
    for (const choice of [...EVERY_CHOICE, AMERICAN])
      for (const kept of KEPT)
        for (const value of [0.05, 1, 17.3, 1234.5, 1e-4]) {
          const there = shownValue(value, kept, choice);
          const back = [
            numberOf(fieldText(value, kept, choice), kept, choice),
            numberOf(`${there.toFixed(20)} ${shownSign(kept, choice)}`, kept, choice),
            numberOf(there.toFixed(20), kept, choice),
          ];
          for (const one of back) {
            const miss = Math.abs(one - value) / value;
            expect(miss, `${String(value)} ${kept} in ${shownSign(kept, choice)}`).toBeLessThan(1e-9);
          }
        }
  });
});
