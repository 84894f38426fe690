import { describe, expect, it } from 'vitest';
import { findDosedClass, findMediaClass } from '../classes';
import { EVERYDAY_NAMES } from './fixtures/everydayNames';
import { COMMON_NAMES, DOSED_NAMES, NAMES, readName } from '.';

const everyday = Object.entries(EVERYDAY_NAMES).flatMap(([meant, names]) => names.map((name) => ({ name, meant })));

describe('everyday names', () => {
  it('are never filled in wrongly', () => {
    const wrong = everyday.filter(({ name, meant }) => {
      const preset = readName(name).preset?.classId;
      return preset !== undefined && preset !== meant;
    });
    expect(wrong.map(({ name, meant }) => `${name}: ${readName(name).preset?.classId ?? ''}, not ${meant}`)).toEqual(
      [],
    );
  });

  it('are filled in for at least 85 of 100, and asked about for the rest', () => {
    const meant = everyday.filter((one) => one.meant !== 'ask');
    const missed = meant.filter(({ name, meant: id }) => readName(name).preset?.classId !== id);
    expect(missed.length / everyday.length, missed.map(({ name }) => name).join('; ')).toBeLessThanOrEqual(
      0.15 - (everyday.length - meant.length) / everyday.length,
    );
    for (const { name } of missed) expect(readName(name).question, name).toMatch(/\?/);
  });
});

describe('the table of names', () => {
  it('has names for every class, and means nothing that there is not', () => {
    const entries = [...COMMON_NAMES, ...DOSED_NAMES];
    const unknown = entries
      .flatMap(({ means }) => means)
      .filter((id) => findMediaClass(id) === undefined && findDosedClass(id) === undefined);
    expect(unknown).toEqual([]);
    expect(NAMES).toBeGreaterThan(1000);
  });
});
