import { analyseTrial } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import type { ChartInk } from '../../shared/chart/ink';
import { trialPageOf, trialReadingsOf } from '../../testing/trials';
import { growthChart, plantsChart, upChart } from './growthCharts';

const ink = {
  ink: 'black',
  ink2: 'grey',
  waterInk: 'blue',
  zinc2: 'z2',
  zinc4: 'z4',
  text: 't',
  figure: 'f',
} as ChartInk;
const page = trialPageOf();
const { plan, plots } = page;
const [species] = analyseTrial({ plan, plots, readings: trialReadingsOf(page), out: [], moves: [] }).species;
const height = species?.traits.find(({ trait }) => trait === 'height');
if (species?.germination === undefined || height === undefined) throw new Error('the fixture was not read');
const { germination } = species;

interface Series {
  readonly type: string;
  readonly name?: string;
  readonly data: readonly (
    | readonly [number, number]
    | { readonly name: string; readonly value: readonly [number, number] }
  )[];
  readonly lineStyle?: { readonly type?: string; readonly color?: string };
  readonly markLine?: {
    readonly data: readonly { readonly xAxis: number; readonly label: { readonly formatter: string } }[];
  };
}
const seriesOf = (options: { readonly series?: unknown }): readonly Series[] => options.series as readonly Series[];
const namesOf = (series: readonly Series[]) =>
  (series.at(-1)?.data ?? []).flatMap((one) => ('name' in one ? [{ name: one.name, y: one.value[1] }] : []));

describe('growth by age', () => {
  const events = [{ id: 'e', on: '2026-11-15', kind: 'changed' as const, words: 'Lids off', by: 'Tam' }];
  const series = seriesOf(growthChart(plan, height, events)(ink));

  it('has a line a medium, told apart by more than its colour, through the means of its plots', () => {
    const lines = series.filter(({ name }) => name !== undefined);
    expect(lines.map(({ name }) => name)).toEqual(['Peat', 'Bark', 'Coir']);
    expect(new Set(lines.map(({ lineStyle }) => `${String(lineStyle?.type)} ${String(lineStyle?.color)}`)).size).toBe(
      3,
    );
    const peat = height.arms.find(({ arm }) => arm === 'peat');
    expect(lines[0]?.data).toEqual(peat?.ages.map(({ age_d, value }) => [age_d, value]));
  });

  it('draws across what changed, at its age', () => {
    const marks = series.flatMap(({ markLine }) => markLine?.data ?? []);
    expect(marks.map(({ xAxis, label }) => [xAxis, label.formatter])).toEqual([[5, 'Lids off']]);
  });

  it('has a band only where there are plots enough', () => {
    const few = {
      ...height,
      arms: height.arms.map((arm) => ({ ...arm, ages: arm.ages.map(({ age_d, n, value }) => ({ age_d, n, value })) })),
    };
    expect(seriesOf(growthChart(plan, few, [])(ink)).length).toBe(series.length - 6);
  });

  it('names lines at their ends, apart from one another and inside the chart', () => {
    const up = seriesOf(
      upChart(plan, {
        ...germination,
        curves: germination.curves.map((one) => ({ ...one, points: [{ age_d: 14, share: 1 }] })),
      })(ink),
    );
    const ends = namesOf(up).map(({ y }) => y);
    expect(ends).toHaveLength(3);
    expect(Math.max(...ends)).toBeLessThanOrEqual(100);
    for (const [i, y] of ends.slice(1).entries()) expect(y - (ends[i] ?? 0)).toBeGreaterThan(6);
  });
});

it('every plant and every plot stand in the row of their medium', () => {
  const [plants, pots] = seriesOf(plantsChart(plan, height, 14)(ink));
  expect(plants?.data).toHaveLength(24);
  expect(pots?.data).toHaveLength(12);
});

it('what came up begins at nothing', () => {
  const [peat] = seriesOf(upChart(plan, germination)(ink));
  expect(peat?.data[0]).toEqual([0, 0]);
});
