import { describe, expect, it } from 'vitest';
import { findDosedClass, findMediaClass } from '../classes';
import { EVERYDAY_NAMES } from './fixtures/everydayNames';
import { LATER_NAMES } from './fixtures/laterNames';
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

describe('names that the table was not made for', () => {
  it('are asked about rather than filled in wrongly', () => {
    const later = Object.entries(LATER_NAMES).flatMap(([meant, names]) => names.map((name) => ({ name, meant })));
    const wrong = later.filter(({ name, meant }) => {
      const preset = readName(name).preset?.classId;
      return preset !== undefined && preset !== meant;
    });
    expect(wrong).toEqual([]);
  });
});

describe('what raises a doubt', () => {
  it.each([
    ['peat-free compost', /made of, then/],
    ['coir and perlite', /more than one stuff/],
    ['bark rejects', /what was left of it/],
    ['peat pots', /something made of it/],
    ['perlite', /How large are its grains/],
    ['anthracite grit', /^Is it Grit/],
    ['unobtainium', /What is it like/],
    ['', /What is it like/],
  ])('%j: %s', (name, question) => {
    const { preset, question: asked } = readName(name);
    expect(preset).toBeUndefined();
    expect(asked).toMatch(question);
  });

  it.each([
    ['a brick of coir', 'coir-pith'],
    ['char from rice hulls', 'rice-hull-char'],
    ['manure, well rotted', 'compost-manure'],
    ['Moorland vermiculite', 'vermiculite'],
    ['vermiculit', 'vermiculite'],
    ['pumice 1/4 inch', 'pumice-coarse'],
    ['pumice up to 2 mm', 'pumice-fine'],
    ['bark, medium coarse', 'bark-graded'],
  ])('and none in %s', (name, id) => {
    expect(readName(name).preset?.classId).toBe(id);
  });

  it('another size than a class has is not filled in', () => {
    expect(readName('zeolite 40 mm').preset).toBeUndefined();
    expect(readName('zeolite 40 mm').proposals[0]?.reason).toMatch(/another size/);
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
