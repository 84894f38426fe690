import { describe, expect, it } from 'vitest';
import { powerOf } from '../statistics';
import { compareGroups, germination, type CompareGroupsResult } from '.';
import trials from './fixtures/trials.json';

/** Made by fixtures/trials.R with an independent statistics system: sixty seeded data sets. */
const WITHIN = 1e-6;

const expectClose = (found: number | undefined, known: number): void => {
  expect(Math.abs((found ?? Number.NaN) - known)).toBeLessThan(WITHIN * Math.max(1, Math.abs(known)));
};

const named = (groups: readonly (readonly number[])[], blockOf?: (group: number, i: number) => string) =>
  groups.map((values, g) => ({
    name: `m${String(g)}`,
    values: [...values],
    ...(blockOf === undefined ? {} : { block: values.map((_, i) => blockOf(g, i)) }),
  }));

function expectPairs(found: CompareGroupsResult, known: readonly (readonly number[])[]): void {
  expect(found.pairs).toHaveLength(known.length);
  found.pairs.forEach(({ difference, ci95, p }, i) => {
    const [d, lo, hi, own] = known[i] as readonly [number, number, number, number];
    expectClose(difference, d);
    expectClose(ci95?.[0], lo);
    expectClose(ci95?.[1], hi);
    expectClose(p, own);
  });
}

describe('sixty trials, as another system sees them', () => {
  it.each(trials.welch.map((one, i) => [i, one] as const))('without blocks: %i', (_, known) => {
    const found = compareGroups({ groups: named(known.groups) });
    expectClose(found.welch?.f, known.f);
    expectClose(found.welch?.df2, known.df2);
    expectClose(found.welch?.p, known.p);
    expectPairs(found, known.pairs);
  });

  it.each(trials.blocks.map((one, i) => [i, one] as const))('whole blocks: %i', (_, known) => {
    const found = compareGroups({ groups: named(known.groups, (_group, i) => `s${String(i)}`) });
    expect(found.method).toBe('blocks');
    expectClose(found.blocks?.f, known.f);
    expect(found.blocks?.df2).toBe(known.df2);
    expectClose(found.blocks?.p, known.p);
    expectClose(found.friedman?.chi2, known.chi2);
    expectClose(found.friedman?.p, known.chiP);
    expectPairs(found, known.pairs);
    known.ranks?.forEach((p, i) => {
      expectClose(found.pairs[i]?.pRanks, p);
    });
  });

  it('ranks of pairs are among them', () => {
    expect(trials.blocks.filter(({ ranks }) => ranks !== null).length).toBeGreaterThan(3);
  });

  it.each(trials.incomplete.map((one, i) => [i, one] as const))('blocks in which not all stand: %i', (_, known) => {
    const found = compareGroups({ groups: named(known.groups, (g, i) => known.blocks[g]?.[i] ?? '') });
    expect(found.method).toBe('incomplete-blocks');
    expectClose(found.incompleteBlocks?.f, known.f);
    expect(found.incompleteBlocks?.df2).toBe(known.df2);
    expectClose(found.incompleteBlocks?.p, known.p);
    expectPairs(found, known.pairs);
  });

  it.each(trials.seeds.map((one, i) => [i, one] as const))('seeds that came up: %i', (_, known) => {
    const groups = known.sown.map((sown, g) => ({ name: `m${String(g)}`, sown, byDay: [0, known.up[g] as number] }));
    const found = germination({ groups });
    found.groups.forEach(({ ci95 }, g) => {
      expectClose(ci95[0], known.ci95[g]?.[0] as number);
      expectClose(ci95[1], known.ci95[g]?.[1] as number);
    });
    found.pairs.forEach(({ p }, i) => {
      expectClose(p, known.p[i] as number);
    });
  });

  it.each(trials.power.map((one, i) => [i, one] as const))('power: %i', (_, { groups, n, difference, power }) => {
    expectClose(powerOf({ groups, alpha: 0.05, each: difference ** 2 / 2 }, n), power);
  });
});
