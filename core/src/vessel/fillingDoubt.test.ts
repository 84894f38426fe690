import { describe, expect, it } from 'vitest';
import { fillingDoubt } from '.';

const filling = (water_g: number) => ({ empty_g: 300, full_g: 300 + water_g, waterTemp_C: 20 });

describe('a filling that is to be looked at again', () => {
  it('is one that lies more than 3 % from the mean of those before', () => {
    const before = [filling(1000), filling(1010)];
    expect(fillingDoubt(filling(1034), before, undefined)).toBeUndefined();
    expect(fillingDoubt(filling(1037), before, undefined)).toBe('1039 mL by this filling, 1007 mL by the 2 before.');
    expect(fillingDoubt(filling(970), before, undefined)).toMatch(/by the 2 before/);
    expect(fillingDoubt(filling(1), [filling(1048)], undefined)).toBe(
      '1 mL by this filling, 1050 mL by the one before.',
    );
  });

  it('is compared with the inner dimensions where it is the first', () => {
    const shape = { height_cm: 12, topDiameter_cm: 11, baseDiameter_cm: 11 };
    expect(fillingDoubt(filling(1100), [], shape)).toBeUndefined();
    expect(fillingDoubt(filling(110), [], shape)).toBe('110 mL by this filling, 1140 mL by its inner dimensions.');
  });

  it('is none where nothing is known of the vessel', () => {
    expect(fillingDoubt(filling(5), [], undefined)).toBeUndefined();
    expect(fillingDoubt(filling(5), [], { height_cm: 12 })).toBeUndefined();
  });

  it('refuses a full vessel that is no heavier than the empty one', () => {
    expect(() => fillingDoubt(filling(0), [], undefined)).toThrow(/full_g/);
  });
});
