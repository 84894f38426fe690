import { describe, expect, it } from 'vitest';
import { SHOP_QUESTIONS, shopDesk, shopQuestions } from '.';
import { VERDICT_USES } from '../verdicts';

const bag = (name: string, price: number, pack_L: number) => ({ name, price, pack_L });

describe('in the shop', () => {
  it('takes the cheapest litre, and says when that would turn', () => {
    const found = shopDesk({ packs: [bag('a', 10, 40), bag('b', 8, 40)], need_L: 100 });
    expect(found.take).toMatchObject({ name: 'b', packs: 3, cost: 24 });
    expect(found.cheaperBy).toBeCloseTo(0.2, 12);
    expect(found.turnsAt).toBeCloseTo(0.2, 12);
    // Short by just that, it costs as much as the other.
    const short = shopDesk({ packs: [bag('a', 10, 40), { ...bag('b', 8, 40), true_L: 40 * (1 - 0.2) }] });
    expect(short.lines[0]?.pricePerL).toBeCloseTo(short.lines[1]?.pricePerL ?? 0, 12);
  });

  it('calls level what the labels cannot tell apart', () => {
    expect(shopDesk({ packs: [bag('a', 10, 40), bag('b', 9.7, 40)] }).isLevel).toBe(true);
    expect(shopDesk({ packs: [bag('a', 10, 40), bag('b', 5, 40)] }).isLevel).toBe(false);
    expect(shopDesk({ packs: [bag('a', 10, 40)] })).toMatchObject({ isLevel: false, take: { name: 'a' } });
  });
});

describe('questions to the seller', () => {
  it.each([
    ['Feeds for 6 months*', 'asterisk', 'nitrogen'],
    ['100 % organic', 'certificate', undefined],
    ['Peat-free, with composted green waste', 'instead of peat', 'How hot'],
    ['With mycorrhiza', 'microbes', undefined],
  ])('%s', (claim, first, second) => {
    const asked = shopQuestions([claim], 'containers').map(({ ask }) => ask);
    expect(asked).toHaveLength(2);
    expect(asked[0]).toContain(first);
    if (second !== undefined) expect(asked[1]).toContain(second);
  });

  it.each([...VERDICT_USES])('there are two for %s, claims or none', (use) => {
    expect(shopQuestions([], use)).toHaveLength(2);
  });

  it('each has its reason, and belongs to a claim or to a use', () => {
    for (const { ask, because, claims, uses } of SHOP_QUESTIONS) {
      expect(ask.endsWith('?')).toBe(true);
      expect(because.length).toBeGreaterThan(20);
      expect(claims !== undefined || (uses ?? []).length > 0).toBe(true);
    }
  });
});
