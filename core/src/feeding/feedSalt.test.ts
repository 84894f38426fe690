import { describe, expect, it } from 'vitest';
import { feedSalt } from './feedSalt';

describe('salt of powders', () => {
  it('is half of what the feed’s own solution would have: the extract has two parts of water', () => {
    expect(feedSalt({ fed_mgL: 100 })).toEqual({ feed_dSm: 0.325 });
  });

  it('adds to the blend’s own, in proportion to what is fed', () => {
    const [once, twice] = [100, 200].map((fed_mgL) => feedSalt({ fed_mgL, own_dSm: 0.28 }).ec_dSm ?? 0);
    expect((twice ?? 0) - 0.28).toBeCloseTo(2 * ((once ?? 0) - 0.28), 12);
    expect(feedSalt({ fed_mgL: 0, own_dSm: 0.28 }).ec_dSm).toBe(0.28);
  });

  it.each([
    ['fed_mgL', { fed_mgL: -1 }],
    ['own_dSm', { fed_mgL: 1, own_dSm: -0.1 }],
  ])('refuses a negative %s', (path, input) => {
    expect(() => feedSalt(input)).toThrow(expect.objectContaining({ path }));
  });
});
