import { describe, expect, it } from 'vitest';
import { normalDraw, seededRandom } from '../scoring';
import { studentT } from '../statistics';
import { containerCapacity, fitRetention, thetaAt, type Retention, type RetentionObservation } from '.';

const truth: Retention = { thetaR: 0.2, thetaS: 0.85, alpha_percm: 0.15, n: 1.9 };
const HEADS = [0, 2, 5, 10, 20, 35, 60, 100] as const;
const point = (head_cm: number, more: object = {}): RetentionObservation => ({
  kind: 'point',
  head_cm,
  theta: thetaAt(truth, head_cm),
  ...more,
});
const column = (height_cm: number): RetentionObservation => ({
  kind: 'column',
  height_cm,
  theta: containerCapacity({ retention: truth, container: { height_cm } }).water,
});

function expectTruth(fitted: Retention, relative = 1e-4): void {
  for (const key of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const) {
    expect(Math.abs(fitted[key] / truth[key] - 1), key).toBeLessThan(relative);
  }
}

describe('fitting van Genuchten’s curve', () => {
  it('recovers noise-free points', () => {
    const { retention, rmse, r2, checks } = fitRetention({ observations: HEADS.map((head) => point(head)) });
    expectTruth(retention);
    expect(rmse).toBeLessThan(1e-8);
    expect(r2).toBeCloseTo(1, 10);
    expect(checks).toEqual([]);
  });

  it('divides the water by where on its own curve it is given up, nothing left over', () => {
    const fit = fitRetention({ observations: HEADS.map((head) => point(head)) });
    const at = (head_cm: number): number => thetaAt(truth, head_cm);
    expect(fit.airAt10).toBeCloseTo(0.85 - at(10), 6);
    expect(fit.easilyAvailable).toBeCloseTo(at(10) - at(50), 6);
    expect(fit.buffering).toBeCloseTo(at(50) - at(100), 6);
    expect(fit.lessAvailable).toBeCloseTo(at(100), 6);
    expect(fit.airAt10 + fit.easilyAvailable + fit.buffering + fit.lessAvailable).toBeCloseTo(0.85, 6);
  });

  it('recovers vessels of several depths, whose water is a mean over the height', () => {
    expectTruth(fitRetention({ observations: [4, 8, 15, 30, 60, 120].map(column) }).retention, 2e-4);
  });

  it('recovers points, columns and slices mixed in one fit', () => {
    const slice = (from_cm: number, to_cm: number): RetentionObservation => {
      const water = (height: number): number =>
        height * containerCapacity({ retention: truth, container: { height_cm: height } }).water;
      return { kind: 'slice', from_cm, to_cm, theta: (water(to_cm) - water(from_cm)) / (to_cm - from_cm) };
    };
    expectTruth(
      fitRetention({
        observations: [point(10), point(50), point(100), column(10), column(25), slice(20, 25), slice(60, 80)],
      }).retention,
    );
  });

  it('takes the mean over a ring whose height is kept', () => {
    const ring = (head_cm: number): RetentionObservation => {
      const water = (height: number): number =>
        height === 0 ? 0 : height * containerCapacity({ retention: truth, container: { height_cm: height } }).water;
      return { kind: 'point', head_cm, ringHeight_cm: 5, theta: (water(head_cm + 2.5) - water(head_cm - 2.5)) / 5 };
    };
    expectTruth(fitRetention({ observations: [2.5, 5, 10, 20, 50, 100].map(ring) }).retention);
  });

  it('holds what is fixed and names it', () => {
    const { retention, fixed, se } = fitRetention({
      observations: HEADS.map((head) => point(head)),
      fix: { thetaS: 0.85, n: 1.9 },
    });
    expectTruth(retention);
    expect(fixed).toEqual(['thetaS', 'n']);
    expect(Object.keys(se ?? {})).toEqual(['thetaR', 'alpha_percm']);
  });

  it('has no spread where parameters are as many as observations, and refuses fewer', () => {
    const four = fitRetention({ observations: [0, 10, 30, 100].map((head) => point(head)) });
    expect(four.se).toBeUndefined();
    expect(four.r2).toBeUndefined();
    expect(four.checks.map((check) => check.code)).toEqual(['no-freedom']);
    expect(() => fitRetention({ observations: [0, 10, 30].map((head) => point(head)) })).toThrow(
      /invalid observations/,
    );
  });

  it('says underdetermined where the same place was measured again and again', () => {
    const { se, checks } = fitRetention({ observations: [10, 10, 10, 10, 50, 50].map((head) => point(head)) });
    expect(se).toBeUndefined();
    expect(checks.map((check) => check.code)).toContain('underdetermined');
  });

  it('bounds alpha by the grain, never under 0.35', () => {
    const steep: Retention = { ...truth, alpha_percm: 2.5 };
    const observations = HEADS.map((head_cm): RetentionObservation => ({
      kind: 'point',
      head_cm: head_cm / 10,
      theta: thetaAt(steep, head_cm / 10),
    }));
    const bound = fitRetention({ observations, d50_mm: 2 });
    expect(bound.retention.alpha_percm).toBeCloseTo(0.7, 9);
    expect(bound.checks.map((check) => check.code)).toContain('at-bound');
    expect(bound.se?.alpha_percm).toBeUndefined();
    expect(fitRetention({ observations, d50_mm: 0.1 }).retention.alpha_percm).toBeCloseTo(0.35, 9);
  });

  it('counts a heavier observation more', () => {
    const observations = [
      ...HEADS.map((head) => point(head)),
      { kind: 'point', head_cm: 10, theta: 0.6, weight: 1 } as const,
    ];
    const heavy = [
      ...HEADS.map((head) => point(head)),
      { kind: 'point', head_cm: 10, theta: 0.6, weight: 1000 } as const,
    ];
    expect(Math.abs(thetaAt(fitRetention({ observations: heavy }).retention, 10) - 0.6)).toBeLessThan(
      Math.abs(thetaAt(fitRetention({ observations }).retention, 10) - 0.6),
    );
  });

  it('covers the truth with its 95 % intervals in 90 to 98 of 100 of 500 noisy benches, each parameter', () => {
    // Noise is 2 % of each value, so each is weighed by 1/theta^2; a fit without a spread counts as a miss.
    const hits = { thetaR: 0, thetaS: 0, alpha_percm: 0, n: 0 };
    const trials = 500;
    for (let seed = 1; seed <= trials; seed += 1) {
      const random = seededRandom(seed);
      const observations = HEADS.map((head): RetentionObservation => {
        const clean = thetaAt(truth, head);
        return {
          kind: 'point',
          head_cm: head,
          theta: Math.min(1, clean * (1 + 0.02 * normalDraw(random))),
          weight: 1 / clean ** 2,
        };
      });
      const { retention, se } = fitRetention({ observations });
      for (const key of ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const) {
        const error = se?.[key];
        if (error !== undefined && Math.abs(retention[key] - truth[key]) <= studentT(0.975, HEADS.length - 4) * error)
          hits[key] += 1;
      }
    }
    process.stdout.write(`coverage of 95 % intervals over ${String(trials)} trials: ${JSON.stringify(hits)}\n`);
    for (const [key, count] of Object.entries(hits)) {
      expect(count / trials, key).toBeGreaterThanOrEqual(0.9);
      expect(count / trials, key).toBeLessThanOrEqual(0.98);
    }
  });

  it.each<[string, object, RegExp]>([
    ['a water fraction over 1', { kind: 'point', head_cm: 10, theta: 1.2 }, /observations\[0\]\.theta/],
    ['a negative suction', { kind: 'point', head_cm: -1, theta: 0.5 }, /observations\[0\]\.head_cm/],
    ['a slice upside down', { kind: 'slice', from_cm: 10, to_cm: 5, theta: 0.5 }, /observations\[0\]\.to_cm/],
    ['a weight of zero', { kind: 'point', head_cm: 1, theta: 0.5, weight: 0 }, /observations\[0\]\.weight/],
  ])('refuses %s', (_, bad, message) => {
    const observations = [bad as RetentionObservation, ...HEADS.map((head) => point(head))];
    expect(() => fitRetention({ observations })).toThrow(message);
  });
});
