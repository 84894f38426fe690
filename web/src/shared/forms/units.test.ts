import { describe, expect, it } from 'vitest';
import { typedNumber } from './Mistyped';
import { understood } from '../units/mine';
import { unitOfField } from './unitOfField';

describe('the unit of a field', () => {
  it.each([
    ['packVolume_L', 'L'],
    ['shape.height_cm', 'cm'],
    ['empty_g', 'g'],
    ['waterTemp_C', '°C'],
    ['rest.made_L', 'L'],
    ['measures.scoop', 'L'],
    ['litres', 'L'],
    ['settings.press_gcm2', undefined],
    ['price', undefined],
    ['name', undefined],
    ['hours.from_h', undefined],
  ])('%s is kept in %s', (name, unit) => {
    expect(unitOfField(name)).toBe(unit);
  });
});

describe('a number in another unit', () => {
  it('is taken in the unit of its field', () => {
    expect(typedNumber('2 lb', 'empty_g')).toBeCloseTo(907.18474, 9);
    expect(typedNumber('68 °F', 'waterTemp_C')).toBeCloseTo(20, 9);
    expect(typedNumber('4 in', 'shape.height_cm')).toBeCloseTo(10.16, 9);
    expect(typedNumber('12,5', 'price')).toBe(12.5);
  });

  it('is refused at its field where it measures something else, or where no unit belongs', () => {
    expect(() => typedNumber('2 lb', 'packVolume_L')).toThrow(/“lb” is no unit for this; use L/);
    expect(() => typedNumber('2 lb', 'price')).toThrow(/not a number/);
  });

  it('shows what was understood only where something was done', () => {
    expect(understood('3 cu ft', 'L')).toBe('= 84.9505 L');
    expect(understood('3', 'L')).toBeUndefined();
    expect(understood('3 lb', 'L')).toBeUndefined();
    expect(understood('1,234 kg', 'g')).toBeUndefined();
    expect(understood('3 cu ft', 'pH')).toBeUndefined();
  });
});
