import { fAbove, meanOf, rangeAbove, rangeQuantile, sdOf } from '../statistics';
import type { Compared, FTest } from './compared';

interface Sample {
  readonly n: number;
  readonly mean: number;
  readonly variance: number;
}

const sampleOf = (values: readonly number[]): Sample => ({
  n: values.length,
  mean: meanOf(values),
  variance: sdOf(values) ** 2,
});

/** Welch's analysis of variance: means of groups whose spreads need not be alike. Source: Welch (1951). */
export function welchTest(groups: readonly (readonly number[])[]): FTest {
  const samples = groups.map(sampleOf);
  const k = samples.length;
  const weights = samples.map(({ n, variance }) => n / variance);
  const sum = weights.reduce((total, one) => total + one, 0);
  const mean = samples.reduce((total, one, i) => total + (weights[i] as number) * one.mean, 0) / sum;
  const between =
    samples.reduce((total, one, i) => total + (weights[i] as number) * (one.mean - mean) ** 2, 0) / (k - 1);
  const loose = samples.reduce((total, { n }, i) => total + (1 - (weights[i] as number) / sum) ** 2 / (n - 1), 0);
  const f = between / (1 + ((2 * (k - 2)) / (k * k - 1)) * loose);
  const df2 = (k * k - 1) / (3 * loose);
  return { f, df1: k - 1, df2, p: fAbove(f, k - 1, df2) };
}

/** Every pair with an interval and a p that hold for all of them together. Source: Games and Howell (1976). */
export function gamesHowell(groups: readonly (readonly number[])[]): Compared[] {
  const samples = groups.map(sampleOf);
  return pairsOf(samples.length).map(([i, j]) => {
    const [a, b] = [samples[i] as Sample, samples[j] as Sample];
    const [va, vb] = [a.variance / a.n, b.variance / b.n];
    const df = (va + vb) ** 2 / (va ** 2 / (a.n - 1) + vb ** 2 / (b.n - 1));
    const se = Math.sqrt((va + vb) / 2);
    const difference = a.mean - b.mean;
    const half = rangeQuantile(0.95, samples.length, df) * se;
    const p = Math.max(0, rangeAbove(Math.abs(difference) / se, samples.length, df));
    return { i, j, difference, ci95: [difference - half, difference + half], p };
  });
}

export const pairsOf = (count: number): (readonly [number, number])[] =>
  Array.from({ length: count }, (_, i) =>
    Array.from({ length: count - i - 1 }, (_unused, k) => [i, i + 1 + k] as const),
  ).flat();
