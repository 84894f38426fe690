import { describe, expect, it } from 'vitest';
import { containerBelow, fillVolume_mL, geometricVolume_mL, requireContainer, shareBelow, vesselVolume_mL } from '.';

const pot = { height_cm: 20, topDiameter_cm: 22, baseDiameter_cm: 16 };

describe('share of a vessel below a level', () => {
  it('is d/H in a straight vessel', () => {
    expect(shareBelow({ height_cm: 12 }, 11.4)).toBeCloseTo(0.95, 12);
  });

  it('is an eighth at half the height of a cone', () => {
    expect(shareBelow({ height_cm: 10, topDiameter_cm: 10, baseDiameter_cm: 1e-9 }, 5)).toBeCloseTo(0.125, 9);
  });

  it('agrees with the volume of the part as a vessel of its own', () => {
    const part = geometricVolume_mL(containerBelow(pot, 13)) as number;
    const whole = geometricVolume_mL(pot) as number;
    expect(shareBelow(pot, 13)).toBeCloseTo(part / whole, 12);
  });
});

describe('volume by water', () => {
  it('is the water over its density: 998.5 g at 20 degC is 1000.3 mL', () => {
    expect(fillVolume_mL({ empty_g: 312.4, full_g: 1310.9, waterTemp_C: 20 })).toBeCloseTo(1000.297, 2);
  });

  it('is the mean of several fillings, and unknown without one', () => {
    const once = { empty_g: 0, full_g: 998.203, waterTemp_C: 20 };
    const twice = { empty_g: 0, full_g: 1018.203, waterTemp_C: 20 };
    const mean = (fillVolume_mL(once) + fillVolume_mL(twice)) / 2;
    expect(vesselVolume_mL([once, twice])).toBeCloseTo(mean, 9);
    expect(vesselVolume_mL([])).toBeUndefined();
  });

  it('refuses a full vessel that is not heavier than the empty one', () => {
    expect(() => fillVolume_mL({ empty_g: 300, full_g: 300, waterTemp_C: 20 })).toThrow(/invalid full_g/);
  });
});

describe('a container', () => {
  it.each([
    [{ height_cm: 0 }, /container\.height_cm/],
    [{ height_cm: 10, topDiameter_cm: 12 }, /missing container\.baseDiameter_cm/],
    [{ height_cm: 10, baseDiameter_cm: 12 }, /missing container\.topDiameter_cm/],
    [{ height_cm: 10, topDiameter_cm: -1, baseDiameter_cm: 12 }, /container\.topDiameter_cm/],
  ])('%j is refused', (container, message) => {
    expect(() => {
      requireContainer(container);
    }).toThrow(message);
  });
});
