import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { diameterAt, type Container } from '../vessel';
import { containerCapacity, fitCurve, inferRetention, thetaAt, type Retention } from '.';

const curve: Retention = { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 };

/** An independent quadrature: Simpson's rule, halved until it stands still (Romberg-free on purpose). */
function simpsonMean(retention: Retention, container: Container, base: number): number {
  const f = (u: number): readonly [number, number] => {
    // z = H u^4 flattens the steep wet end.
    const z = container.height_cm * u ** 4;
    const area = diameterAt(container, z) ** 2 * 4 * u ** 3;
    return [thetaAt(retention, z + base) * area, area];
  };
  const steps = 200000;
  let water = 0;
  let whole = 0;
  for (let i = 0; i <= steps; i += 1) {
    const weight = i === 0 || i === steps ? 1 : i % 2 === 1 ? 4 : 2;
    const [w, a] = f(i / steps);
    water += weight * w;
    whole += weight * a;
  }
  return water / whole;
}

describe('van Genuchten’s curve', () => {
  it('has the value worked out by hand: 0.1 + 0.8/sqrt(2) at 10 cm', () => {
    expect(thetaAt(curve, 10)).toBeCloseTo(0.1 + 0.8 / Math.SQRT2, 12);
  });

  it('is saturated at zero suction and residual far out', () => {
    expect(thetaAt(curve, 0)).toBe(0.9);
    expect(thetaAt(curve, 1e9)).toBeCloseTo(0.1, 6);
  });
});

describe('container capacity', () => {
  it('has the closed form of n = 2 in a straight container: mean = 0.1 + 0.8 asinh(1)', () => {
    const result = containerCapacity({ retention: curve, container: { height_cm: 10 } });
    expect(result.water).toBeCloseTo(0.1 + 0.8 * Math.asinh(1), 10);
    expect(result.air + result.water).toBeCloseTo(0.9, 12);
  });

  it('stands at suction on a mat: the same closed form between 5 and 15 cm', () => {
    const result = containerCapacity({ retention: curve, container: { height_cm: 10 }, baseSuction_cm: 5 });
    expect(result.water).toBeCloseTo(0.1 + 0.8 * (Math.asinh(1.5) - Math.asinh(0.5)), 10);
  });

  it.each<[string, Retention, Container, number]>([
    ['steep and open', { thetaR: 0.05, thetaS: 0.6, alpha_percm: 3, n: 10 }, { height_cm: 30 }, 0],
    ['flat and fine', { thetaR: 0, thetaS: 0.5, alpha_percm: 2, n: 1.05 }, { height_cm: 8 }, 0],
    ['tapered tub', curve, { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 }, 0],
    ['tapered on a mat', curve, { height_cm: 12, topDiameter_cm: 14, baseDiameter_cm: 8 }, 4],
    [
      'a cell',
      { thetaR: 0.26, thetaS: 0.93, alpha_percm: 0.4, n: 1.6 },
      { height_cm: 4, topDiameter_cm: 4, baseDiameter_cm: 2.2 },
      0,
    ],
  ])('agrees with an independent quadrature to 1e-6: %s', (_, retention, container, baseSuction_cm) => {
    const result = containerCapacity({ retention, container, baseSuction_cm });
    expect(Math.abs(result.water - simpsonMean(retention, container, baseSuction_cm))).toBeLessThan(1e-6);
  });

  it('shows 21 heights from base to top', () => {
    const { profile } = containerCapacity({ retention: curve, container: { height_cm: 20 } });
    expect(profile).toHaveLength(21);
    expect(profile[0]).toEqual({ z_cm: 0, theta: 0.9 });
    expect(profile[10]?.theta).toBeCloseTo(thetaAt(curve, 10), 12);
    expect(profile[20]?.z_cm).toBe(20);
  });

  it('a deeper pot holds less water and more air', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 40, noNaN: true }),
        fc.double({ min: 1.01, max: 3, noNaN: true }),
        (depth, factor) => {
          const shallow = containerCapacity({ retention: curve, container: { height_cm: depth } });
          const deep = containerCapacity({ retention: curve, container: { height_cm: depth * factor } });
          return deep.water < shallow.water && deep.air > shallow.air;
        },
      ),
    );
  });

  it.each([
    [{ ...curve, thetaS: 0.05 }, /retention\.thetaS/],
    [{ ...curve, n: 1 }, /retention\.n/],
    [{ ...curve, alpha_percm: 0 }, /retention\.alpha_percm/],
    [{ ...curve, thetaR: -0.1 }, /retention\.thetaR/],
  ])('refuses the curve %j', (retention, message) => {
    expect(() => containerCapacity({ retention, container: { height_cm: 10 } })).toThrow(message);
  });
});

describe('a curve inferred from one depth', () => {
  it('gives alpha back', () => {
    const capacity = 0.1 + 0.8 * Math.asinh(1);
    const { retention } = inferRetention({ thetaS: 0.9, thetaR: 0.1, n: 2, capacity, container: { height_cm: 10 } });
    expect(retention.alpha_percm).toBeCloseTo(0.1, 9);
  });

  it('has the measured capacity as its mean in the same tapered vessel', () => {
    const container = { height_cm: 11.4, topDiameter_cm: 13, baseDiameter_cm: 10 };
    const { retention } = inferRetention({ thetaS: 0.68, thetaR: 0.2, n: 2.4, capacity: 0.32, container });
    expect(containerCapacity({ retention, container }).water).toBeCloseTo(0.32, 10);
  });

  it.each([0.1, 0.05, 0.9, 0.95, 0.1001])('refuses a capacity of %s at `capacity`', (capacity) => {
    const input = { thetaS: 0.9, thetaR: 0.1, n: 2, capacity, container: { height_cm: 10 } };
    expect(() => inferRetention(input)).toThrow(/invalid capacity/);
  });
});

describe('a curve through points', () => {
  it('recovers the curve that made them', () => {
    const heads = [0, 1, 2, 5, 10, 20, 50, 100, 300, 1000];
    fc.assert(
      fc.property(
        fc.record({
          thetaR: fc.double({ min: 0, max: 0.4, noNaN: true }),
          thetaS: fc.double({ min: 0.5, max: 0.95, noNaN: true }),
          alpha_percm: fc.double({ min: 0.03, max: 1.5, noNaN: true }),
          n: fc.double({ min: 1.3, max: 4, noNaN: true }),
        }),
        (retention) => {
          const { rmse } = fitCurve(heads.map((head_cm) => ({ head_cm, theta: thetaAt(retention, head_cm) })));
          return rmse < 1e-6;
        },
      ),
      { numRuns: 60, seed: 7 },
    );
  });
});
