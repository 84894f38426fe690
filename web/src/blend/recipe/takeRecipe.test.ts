import { partsOf, readRecipe } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { SHELF } from '../../testing/desk';
import { matchLot } from './matchLot';
import { takeRecipe } from './takeRecipe';

const take = (text: string, onTop?: number) =>
  takeRecipe(partsOf(readRecipe(text).lines), {
    lots: SHELF,
    meantBy: ({ line }) => matchLot([line.name, ...line.alternatives], SHELF)?.id ?? '',
    ...(onTop === undefined ? {} : { onTop }),
  });

describe('a read recipe at the desk', () => {
  it('keeps ranges, alternatives, options and what was written', () => {
    expect(take('2-3 parts bark, 1 part coir or perlite (optional)').lines).toEqual([
      { lotId: 'bark-graded', parts: 2.5, least: 2, most: 3, written: '2-3 parts bark' },
      {
        lotId: 'coir-pith',
        parts: 1,
        or: ['perlite-coarse'],
        optional: true,
        written: '1 part coir or perlite (optional)',
      },
    ]);
  });

  it('tells the range in the same unit as the parts', () => {
    const [bark] = take('10-20 L bark, 1 bucket pumice').lines;
    expect(bark).toMatchObject({ parts: 15, least: 10, most: 20 });
    expect(take('10-20 L bark, 1 bucket pumice').part_L).toBe(1);
  });

  it('puts lime into the pH and other powders into the food', () => {
    const { lime_meqPerL, additives } = take('4 parts coir, 3 g/L lime, 2 g/L bone meal');
    expect(lime_meqPerL).toBeCloseTo(3000 / 50.04, 2);
    expect(additives).toEqual([{ name: 'bone meal', gPerL: 2, classId: 'bone-meal' }]);
  });

  it('knows the rest and what it fills up to, and what comes on top', () => {
    expect(take('70 % bark, the rest coir')).toMatchObject({ whole: 100, lines: [{}, { parts: 30, rest: true }] });
    expect(take('60% bark, 40% coir, 10% perlite', 2).lines[2]).toMatchObject({ parts: 10, onTop: true });
  });

  it('leaves out what no lot is meant by, and joins two lines of one lot', () => {
    expect(take('2 parts bark, 1 part moon dust').lines).toHaveLength(1);
    expect(take('2 parts bark, 1 part bark').lines).toMatchObject([{ parts: 3 }]);
  });
});
