import { describe, expect, it } from 'vitest';
import { rankSum } from '../statistics';
import { germination, trialPower } from '.';
import trays from './fixtures/trays.json';

/** Made by fixtures/trays.R with an independent statistics system. */
const WITHIN = 1e-6;

const expectClose = (found: number | undefined, known: number): void => {
  expect(Math.abs((found ?? Number.NaN) - known)).toBeLessThan(WITHIN * Math.max(1, Math.abs(known)));
};

describe('trays of seeds, as another system sees them', () => {
  it.each(trays.odds.map((one, i) => [i, one] as const))('odds widened by the trays: %i', (_, known) => {
    const { odds } = germination({
      groups: known.sown.map((sown, g) => ({
        name: `m${String(g)}`,
        trays: sown.map((seeds, i) => ({ sown: seeds, byDay: [0, known.up[g]?.[i] as number] })),
      })),
    });
    expectClose(odds?.dispersion, known.dispersion);
    expectClose(odds?.f, known.f);
    expect(odds?.df2).toBe(known.df2);
    expectClose(odds?.p, known.p);
    expect(odds?.pairs).toHaveLength(known.pairs.length);
    odds?.pairs.forEach(({ oddsRatio, ci95, p }, i) => {
      [oddsRatio, ...ci95, p].forEach((found, k) => {
        expectClose(found, known.pairs[i]?.[k] as number);
      });
    });
  });

  it.each(trays.ranks.map((one, i) => [i, one] as const))('sums of ranks, ties and all: %i', (_, { a, b, p }) => {
    expectClose(rankSum(a, b), p);
  });

  it.each(trays.plans.map((one, i) => [i, one] as const))('what a plan can tell: %i', (_, { power, ...plan }) => {
    expectClose(trialPower({ of: 'means', sd: 1, ...plan }).power, power);
  });
});
