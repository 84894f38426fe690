import { METRIC } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { AMERICAN, openPage } from '../../testing/page';
import { Figure } from '../Figure';
import { FIRST_SHAPE, keptPotName, potFor, potOfRecipe, pots, potSaid } from '../pot/pots';
import { amount, inField, readTyped, told, understood } from './mine';
import { changeOf, ofProperty, priceSaid, unitOf } from './ofProperty';
import { ruleMarks } from './ruleMarks';

const kept = (text: string, unit: string): number | undefined => {
  const { number } = readTyped(text, unit);
  return number.kind === 'number' ? number.value : undefined;
};

describe('somebody who reads US customary units', () => {
  beforeEach(() => {
    openPage(<p>a page</p>, { units: AMERICAN });
  });

  it('sees amounts in them, small volumes in cups', () => {
    expect(amount(120, 'L', 1)).toBe('4.24 cu ft');
    expect(amount(0.5, 'L', 1)).toBe('2.11 cup');
    expect(amount(312.4, 'g', 1)).toBe('11.02 oz');
    expect(amount(21.5, '°C', 1)).toBe('70.7 °F');
    expect(told('Soak it in 12 L of water')).toBe('Soak it in 0.42 cu ft of water');
  });

  it('types in them, or in any other that is named', () => {
    expect(kept('2', 'L')).toBeCloseTo(56.6337, 4);
    expect(kept('40 L', 'L')).toBe(40);
    expect(understood('40 L', 'L')).toBe('= 1.41259 cu ft');
    expect(understood('80 mL', 'L')).toBe('= 0.33814 cup');
    expect(understood('2', 'L')).toBeUndefined();
    expect(inField(20, 'L')).toBe('20 L');
  });

  it('sees properties, prices and differences in them', () => {
    expect(unitOf('ec_dSm', '£')).toEqual({ unit: 'dS/m', sign: 'µS/cm' });
    expect(unitOf('pricePerL', '£').sign).toBe('£ per cu ft');
    expect(ofProperty('ec_dSm', 0.65, 2)).toBe('650');
    expect(changeOf('ec_dSm', 0.1, 2)).toBe('+100');
    expect(changeOf('pH', -0.2, 1)).toBe('−0.2');
    expect(priceSaid(0.25, '£')).toBe('£7.08 per cu ft');
  });

  it('reads pots by inches, and keeps their names metric', () => {
    expect(potFor(FIRST_SHAPE).name).toBe('Tub 10 in, 11 over 9');
    expect(keptPotName(FIRST_SHAPE)).toBe('Tub 25 cm, 28 over 22');
    expect(potSaid('Tub 25 cm, 28 over 22')).toBe('Tub 10 in, 11 over 9');
    expect(potSaid('My trough')).toBe('My trough');
    expect(potOfRecipe({ potName: 'My trough', pot: FIRST_SHAPE }).name).toBe('My trough');
    expect(potOfRecipe({ potName: keptPotName(FIRST_SHAPE), pot: FIRST_SHAPE }).name).toBe('Tub 10 in, 11 over 9');
    expect(pots().map(({ shape }) => shape)).toEqual(pots(METRIC).map(({ shape }) => shape));
  });

  it('has a rule in whole inches beside a pail', () => {
    const marks = ruleMarks(25);
    expect(marks.map(({ n }) => n)).toEqual([0, 2, 4, 6, 8]);
    expect(marks.at(-1)?.cm).toBeCloseTo(20.32, 9);
  });
});

it('a figure shows its value, spread and sign in the reader’s unit, and keeps the metric one for its working', () => {
  openPage(<Figure label="Volume" value={40} sd={1.1} digits={1} unit="L" origin="measured" />, { units: AMERICAN });
  expect(screen.getByText('1.41')).toBeTruthy();
  expect(screen.getByText('± 0.04')).toBeTruthy();
  expect(screen.getByText('cu ft')).toBeTruthy();
});
