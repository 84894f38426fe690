import { PREPARATIONS } from '@bent-pail/contract/choices';
import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../shared/cautions';
import { CAUTION_OF, preparationWords } from './preparationWords';

describe('how a preparation went', () => {
  it.each([
    [{}, ''],
    [{ took_L: 20, made_L: 14 }, '20.0 L gave 14.0 L (70 %)'],
    [{ made_L: 65, water_L: 20, minutes: 45 }, '65.0 L made, 20.0 L of water, 45 min'],
    [{ took_L: 12, tool: '4 mm mesh', passes: 1 }, '12.0 L taken, 4 mm mesh, 1 pass'],
    [{ passes: 3 }, '3 passes'],
  ])('%o', (record, words) => {
    expect(preparationWords(record)).toBe(words);
  });

  it('has a caution for each kind', () => {
    for (const how of PREPARATIONS) expect(CAUTIONS[CAUTION_OF[how]].short.length).toBeGreaterThan(20);
  });
});
