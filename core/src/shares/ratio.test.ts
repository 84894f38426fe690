import { describe, expect, it } from 'vitest';
import { ratio } from '.';

describe('a part over a whole', () => {
  it('takes tares and blanks off on both sides', () => {
    expect(ratio({ add: [12, 8], take: [2], per: [4] }).ratio).toBe(4.5);
    expect(ratio({ add: [41], take: [20] }).ratio).toBe(21);
    expect(ratio({ add: [30], take: [10], per: [110], perTake: [10] }).ratio).toBe(0.2);
  });

  it.each([
    [{ add: [1], take: [2], per: [1] }, 'take'],
    [{ add: [1], per: [0] }, 'per'],
    [{ add: [1], per: [3], perTake: [3] }, 'per'],
    [{ add: [-1], per: [3] }, 'add[0]'],
  ])('refuses %j at %s', (input, path) => {
    expect(() => ratio(input)).toThrow(expect.objectContaining({ path }) as Error);
  });
});
