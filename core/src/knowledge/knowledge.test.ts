import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES, mediaClassById } from '../classes';
import { containerMean, containerRule, thetaAt, type Retention } from '../retention';
import { normalDraw, seededRandom } from '../scoring';
import { meanOf, sdOf } from '../statistics';
import { combine, covarianceOf, type Sight } from './combine';
import { bodyOf, isSemiDefinite, knownCurve, LotDraws, lowerFactor, priorOf, valueOf, type LotReadings } from '.';
import { curveFactorToScale, curveFromScale, curveToScale, logitSd } from './scales';

const BARK: Retention = { thetaR: 0.22, thetaS: 0.82, alpha_percm: 0.35, n: 1.7 };
const meanIn = (retention: Retention, height_cm: number): number =>
  containerMean(containerRule({ height_cm }), (h) => thetaAt(retention, h));
const column = (height_cm: number, values: readonly number[]) => ({
  kind: 'column' as const,
  height_cm,
  values: [...values],
});
const porosity = (values: readonly number[]) => ({ kind: 'porosity' as const, values: [...values] });

describe('prior and sights combined', () => {
  const straight = (value: number, se: number, group = 'a', place = value.toString()): Sight => ({
    value,
    se,
    group,
    place,
    looks: 0,
    look: ([x = 0], slopes) => {
      slopes[0] = 1;
      return x;
    },
  });

  it('are the precision-weighted mean where a sight is straight: N(1, 2^2) and 4 +- 1', () => {
    const { x, parts } = combine({ mean: [1], factor: [[2]] }, [straight(4, 1)], {});
    expect(x[0]).toBeCloseTo((1 / 4 + 4) / (1 / 4 + 1), 9);
    expect(covarianceOf(parts, 1)[0]?.[0]).toBeCloseTo(1 / (1 / 4 + 1), 9);
  });

  it('fall apart into what the prior and each method leave in doubt, with its own degrees of freedom', () => {
    const { parts } = combine({ mean: [1], factor: [[2]] }, [straight(4, 1), straight(5, 1, 'b')], { b: 6 });
    expect(parts.map(({ freedom }) => freedom)).toEqual([undefined, undefined, 6]);
    const squares = parts.map(({ columns }) => columns.reduce((sum, [by = 0]) => sum + by * by, 0));
    const whole = 1 / (1 / 4 + 2);
    expect(squares.reduce((a, b) => a + b, 0)).toBeCloseTo(whole, 9);
    expect(squares[0]).toBeCloseTo(whole ** 2 / 4, 9);
  });
});

describe('the scales', () => {
  it('give a curve back, and its covariance by slopes where that is small', () => {
    const again = curveFromScale(curveToScale(BARK));
    for (const key of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const) expect(again[key]).toBeCloseTo(BARK[key], 12);
    const [, s] = curveFactorToScale(BARK, [
      [0, 0],
      [0.01, 0],
      [0, 0.02],
      [0, 0],
    ]);
    expect(s?.[0]).toBeCloseTo(0.01 / (0.82 * 0.18), 9);
  });

  it('hold a share near nothing so that its 95 % is that of the share', () => {
    expect(logitSd(0.5, 0.05)).toBeCloseTo(0.2, 9);
    const sd = logitSd(0.001, 0.02);
    const upper = 1 / (1 + Math.exp(-(Math.log(0.001 / 0.999) + 1.6449 * sd)));
    expect(upper).toBeCloseTo(0.001 + 1.6449 * 0.02, 3);
  });

  it('tell a covariance that can be from one that contradicts itself', () => {
    expect(
      isSemiDefinite([
        [4, 2],
        [2, 1],
      ]),
    ).toBe(true);
    expect(
      isSemiDefinite([
        [4, 2.1],
        [2.1, 1],
      ]),
    ).toBe(false);
    expect(
      isSemiDefinite([
        [0, 0],
        [0, 1e-12],
      ]),
    ).toBe(true);
  });
});

describe('what is known of a lot', () => {
  it('is its class where nothing was read', () => {
    for (const one of MEDIA_CLASSES) {
      const { retention, d50_mm } = knownCurve({ materialClass: one.id, seen: [] });
      for (const key of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const)
        expect(retention[key] / one.retention[key], `${one.id} ${key}`).toBeCloseTo(1, 9);
      expect(d50_mm).toBeCloseTo(one.d50_mm.typical, 9);
    }
  });

  it('is any class where none is named: a third of the pores never drain, n is about 1.7, all of it wide', () => {
    const { retention, airAt10 } = knownCurve({ seen: [] });
    const capacity = meanIn(retention, 10);
    expect(retention.thetaR / capacity).toBeGreaterThan(0.28);
    expect(retention.thetaR / capacity).toBeLessThan(0.44);
    expect(retention.n).toBeGreaterThan(1.55);
    expect(retention.n).toBeLessThan(1.8);
    expect(airAt10.p95 - airAt10.p5).toBeGreaterThan(0.3);
  });

  it('goes through what was measured of one depth, to what the class makes unlikely of it', () => {
    const readings: LotReadings = {
      materialClass: 'bark-fine',
      seen: [porosity([0.82, 0.83, 0.81]), column(12, [0.6, 0.61, 0.59])],
    };
    const { retention, rmse, covariance } = knownCurve(readings);
    expect(Math.abs(meanIn(retention, 12) - 0.6)).toBeLessThan(0.004);
    expect(retention.thetaS).toBeGreaterThan(0.815);
    expect(rmse).toBeLessThan(0.011);
    expect(isSemiDefinite(covariance)).toBe(true);
  });

  it('gives back a curve that many depths, rings and suctions were read from, whatever the class', () => {
    const seen = [
      porosity([BARK.thetaS, BARK.thetaS, BARK.thetaS]),
      ...[4, 10, 25, 60].map((height_cm) =>
        column(
          height_cm,
          [0, 0, 0].map(() => meanIn(BARK, height_cm)),
        ),
      ),
      ...[5, 10, 30, 50, 100].map((head_cm) => ({
        kind: 'point' as const,
        head_cm,
        values: [0, 0, 0, 0].map(() => thetaAt(BARK, head_cm)),
      })),
    ];
    for (const materialClass of ['bark-fine', 'bark-graded']) {
      const { retention } = knownCurve({ materialClass, seen });
      for (const head_cm of [0, 2, 5, 10, 20, 50, 100])
        expect(
          Math.abs(thetaAt(retention, head_cm) - thetaAt(BARK, head_cm)),
          `${materialClass} ${String(head_cm)}`,
        ).toBeLessThan(0.012);
    }
  });

  it('is believed less where runs of one depth contradict each other', () => {
    const runs = (off: number): LotReadings => ({
      materialClass: 'bark-fine',
      seen: [porosity([0.82, 0.82]), column(12, [0.6 - off, 0.6 - off]), column(12, [0.6 + off, 0.6 + off])],
    });
    const width = ({ airAt10 }: ReturnType<typeof knownCurve>): number => airAt10.p95 - airAt10.p5;
    expect(width(knownCurve(runs(0.08)))).toBeGreaterThan(1.3 * width(knownCurve(runs(0))));
  });

  it('has no steeper scale than its grains allow, once they were measured', () => {
    const seen = [porosity([0.8]), column(12, [0.35])];
    const free = knownCurve({ materialClass: 'bark-graded', seen });
    const fine = knownCurve({ materialClass: 'bark-graded', seen, d50_mm: [[1.5, 1.5, 1.5, 1.5]] });
    expect(free.retention.alpha_percm).toBeGreaterThan(1);
    expect(fine.retention.alpha_percm).toBeLessThan(0.35 * 1.5 * 1.4);
  });

  it('refuses what no bench can give, with its path', () => {
    expect(() => knownCurve({ materialClass: 'moon-dust', seen: [] })).toThrow(/materialClass/);
    expect(() => knownCurve({ seen: [column(12, [])] })).toThrow(/seen\[0\]\.values/);
    expect(() => knownCurve({ seen: [], pH: [[15]] })).toThrow(/pH\[0\]\[0\]/);
    expect(() => knownCurve({ seen: [], d50_mm: [[0]] })).toThrow(/d50_mm\[0\]\[0\]/);
  });
});

describe('pH, salts and buffering', () => {
  it('of a lot that was read lie at its readings, drawn a little to its class', () => {
    const found = valueOf('pH', { materialClass: 'bark-fine', seen: [], pH: [[6, 6.05, 5.95]] });
    const usual = mediaClassById('bark-fine', 'id').pH_1to5_water.typical;
    expect(Math.abs((found?.x ?? 0) - 6)).toBeLessThan(0.02);
    expect(Math.sign((found?.x ?? 0) - 6)).toBe(Math.sign(usual - 6));
  });

  it('are not known where it was neither read nor named', () => {
    expect(valueOf('ec_dSm', { seen: [] })).toBeUndefined();
    expect(valueOf('ec_dSm', { seen: [], ec_dSm: [[0.2]] })?.x).toBeCloseTo(Math.log(0.2), 1);
  });
});

describe('draws of a lot', () => {
  const drawn = (readings: LotReadings, count = 2000): number[][] => {
    const lot = new LotDraws(readings);
    const random = seededRandom(5);
    return Array.from({ length: count }, (_, i) => [...lot.draw(random, i % 2 === 1, () => undefined)]);
  };

  it('of a class alone have its spread', () => {
    const { mean, factor } = priorOf('bark-fine');
    const draws = drawn({ materialClass: 'bark-fine', seen: [] });
    mean.forEach((middle, i) => {
      const values = draws.map((x) => x[i] as number);
      const sd = Math.hypot(...(factor[i] as readonly number[]));
      expect(meanOf(values)).toBeCloseTo(middle, 9);
      expect(sdOf(values) / sd).toBeCloseTo(1, 1);
    });
  });

  it('of a lot read in one depth all hold there what was measured, though no class is named', () => {
    const readings = { seen: [porosity([0.82, 0.83, 0.81]), column(12, [0.6, 0.61, 0.59])] };
    const held = drawn(readings, 400).map((x) => meanIn(curveFromScale(x), 12));
    expect(meanOf(held)).toBeCloseTo(0.6, 2);
    expect(sdOf(held)).toBeLessThan(0.012);
    const deep = drawn(readings, 400).map((x) => meanIn(curveFromScale(x), 40));
    expect(sdOf(deep)).toBeGreaterThan(3 * sdOf(held));
  });

  it('are the same for what is known already when more is read', () => {
    const before = { materialClass: 'bark-fine', seen: [porosity([0.8])] };
    const grains = (readings: LotReadings): number[] => drawn(readings, 50).map((x) => x[6] as number);
    expect(grains({ ...before, dryBulkDensity_gcc: [[0.2]] })).toEqual(grains(before));
  });

  it('of a lot with many runs are as those of its posterior', () => {
    const random = seededRandom(9);
    const seen = Array.from({ length: 12 }, (_, i) => {
      const height_cm = [5, 8, 12, 16, 20, 25][i % 6] as number;
      return column(
        height_cm,
        [0, 0, 0].map(() => meanIn(BARK, height_cm) + 0.01 * normalDraw(random)),
      );
    });
    const readings = { materialClass: 'bark-fine', seen: [porosity([0.82, 0.81, 0.83]), ...seen] };
    const { x, parts } = bodyOf(readings);
    const covariance = covarianceOf(parts, x.length);
    const draws = drawn(readings);
    [1, 2, 3].forEach((i) => {
      const values = draws.map((one) => one[i] as number);
      expect(meanOf(values)).toBeCloseTo(x[i] as number, 1);
      expect(sdOf(values) / Math.sqrt((covariance[i] as number[])[i] as number)).toBeCloseTo(1, 0.7);
    });
  });
});

it('a factor gives its covariance back', () => {
  const covariance = [
    [4, 2, 0],
    [2, 5, 1],
    [0, 1, 3],
  ];
  const lower = lowerFactor(covariance);
  covariance.forEach((row, i) => {
    row.forEach((value, j) => {
      const again = (lower[i] as number[]).reduce((sum, a, k) => sum + a * ((lower[j] as number[])[k] as number), 0);
      expect(again).toBeCloseTo(value, 12);
    });
  });
});
