import { property, type PropertyKey, type SweepPoint, type SweptFigures, type Target } from '@bent-pail/core';
import { ofProperty } from '../../shared/units/ofProperty';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { fixed } from '../../kit/format';

/** Figures that a sweep is drawn for, each on a chart of its own scale. */
export const SWEPT = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const satisfies readonly (keyof SweptFigures &
  PropertyKey)[];
export type SweptKey = (typeof SWEPT)[number];

/** Round ends that hold all values. */
export function roundRange(values: readonly number[], step: number): readonly [number, number] {
  const lo = Math.floor(Math.min(...values) / step + 1e-9) * step;
  const hi = Math.ceil(Math.max(...values) / step - 1e-9) * step;
  return hi > lo ? [lo, hi] : [lo, lo + step];
}

const STEP: Readonly<Record<SweptKey, number>> = { air: 0.1, water: 0.1, bulkDensity_gcc: 0.1, pH: 1 };

interface Sweep {
  readonly points: readonly SweepPoint[];
  readonly key: SweptKey;
  readonly target: Target | undefined;
  /** Share of the line in the recipe as it stands. */
  readonly now: number;
}

/** One figure from none of a line to all of it, with the use's window shaded and the recipe marked. */
export function sweepChart({ points, key, target, now }: Sweep): Draw {
  const data = points.flatMap(({ share, figures }) => {
    const value = figures[key];
    return value === undefined ? [] : [[100 * share, value] as [number, number]];
  });
  const [lo, hi] = roundRange(
    data.map(([, value]) => value),
    STEP[key],
  );
  const { digits, label } = property(key);
  const [from, to] = target?.ideal ?? [null, null];
  return (ink) => ({
    grid: { left: 36, right: 12, top: 8, bottom: 24 },
    xAxis: ruleAxis(ink, { min: 0, max: 100, interval: 25, format: (v) => `${String(v)} %` }),
    yAxis: ruleAxis(ink, {
      min: lo,
      max: hi,
      interval: (hi - lo) / 2,
      format: (v) => ofProperty(key, v, key === 'pH' ? 1 : 2),
    }),
    tooltip: plainTooltip(ink, (at) => {
      const point = data.find(([share]) => share >= at - 1e-9);
      return point === undefined
        ? ''
        : `${fixed(point[0], 0)} %: ${label.toLowerCase()} ${ofProperty(key, point[1], Math.min(2, digits))}`;
    }),
    series: [
      {
        type: 'line',
        data,
        symbol: 'none',
        lineStyle: { color: ink.ink, width: 2 },
        markLine: {
          silent: true,
          symbol: 'none',
          label: { show: false },
          lineStyle: { color: ink.ink, width: 1.5, type: 'dashed' },
          data: [{ xAxis: 100 * now }],
        },
        ...(from === null && to === null
          ? {}
          : {
              markArea: {
                silent: true,
                itemStyle: { color: ink.zinc2, opacity: 0.6 },
                data: [[{ yAxis: Math.max(lo, from ?? lo) }, { yAxis: Math.min(hi, to ?? hi) }]],
              },
            }),
      },
    ],
  });
}
