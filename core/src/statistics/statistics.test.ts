import { describe, expect, it } from 'vitest';
import { grubbs, replicates, summarise } from '.';

describe('summary of replicates', () => {
  it('gives mean, SD, SE, CV and the interval by Student’s t (t 0.975, 2 df = 4.3027, printed tables)', () => {
    const summary = summarise([0.361, 0.358, 0.364]);
    expect(summary.mean).toBeCloseTo(0.361, 12);
    expect(summary.sd).toBeCloseTo(0.003, 12);
    expect(summary.se).toBeCloseTo(0.0017320508, 9);
    expect(summary.cv).toBeCloseTo(0.003 / 0.361, 12);
    expect(summary.ci95?.[1]).toBeCloseTo(0.361 + 4.30265 * 0.0017320508, 6);
  });

  it('has only mean and n for one value', () => {
    expect(summarise([0.5])).toEqual({ mean: 0.5, n: 1 });
  });

  it('keeps its digits for large masses that differ little', () => {
    expect(summarise([1e9, 1e9 + 1, 1e9 + 2]).sd).toBeCloseTo(1, 9);
  });

  it('has no CV about a mean of zero', () => {
    expect(summarise([-1, 1]).cv).toBeUndefined();
  });

  it('refuses an empty list and a value that is no number', () => {
    expect(() => summarise([])).toThrow(/invalid values/);
    expect(() => summarise([1, Number.NaN])).toThrow(/values\[1\]/);
  });
});

describe('Grubbs’s test', () => {
  // Two-sided 5 % critical values as printed by Grubbs and Beck (1972), Technometrics 14, table I (2.5 % one-sided).
  it.each([
    [5, 1.715],
    [6, 1.887],
    [10, 2.29],
    [20, 2.709],
  ])('has the printed critical value for n = %s', (n, critical) => {
    const values = Array.from({ length: n }, (_, i) => i);
    expect(grubbs(values)?.critical).toBeCloseTo(critical, 2);
  });

  it('flags the value that lies apart', () => {
    const test = grubbs([0.3, 0.31, 0.3, 0.31, 0.45]);
    expect(test?.index).toBe(4);
    expect(test?.g).toBeCloseTo(1.785, 2);
    expect(test?.outlier).toBe(true);
  });

  it('does not flag what the method cannot tell, nor what the scale cannot resolve', () => {
    const values = [0.3, 0.3001, 0.3, 0.3001, 0.31];
    expect(grubbs(values)?.outlier).toBe(true);
    expect(grubbs(values, { floor: 0.02 })?.outlier).toBe(false);
    expect(grubbs(values, { resolution: 0.01 })?.outlier).toBe(false);
  });

  it('has no answer for four values, or for equal ones', () => {
    expect(grubbs([1, 2, 3, 100])).toBeUndefined();
    expect(grubbs([2, 2, 2, 2, 2])).toBeUndefined();
  });
});

describe('remarks on replicates', () => {
  it.each([
    [[0.36], undefined, ['no-spread']],
    [[0.3, 0.33, 0.37], 0.02, ['wide-range']],
    [[0.3, 0.31, 0.32], 0.02, []],
    [[0.3, 0.31, 0.3, 0.31, 0.45], 0.02, ['outlier']],
    [[1, 1, 1, 1, 1], undefined, ['all-equal']],
  ])('%j with floor %s: %j', (values, floor, codes) => {
    const { checks } = replicates({ values, ...(floor === undefined ? {} : { floor }) });
    expect(checks.map((check) => check.code)).toEqual(codes);
  });
});
