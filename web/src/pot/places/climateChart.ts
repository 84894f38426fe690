import type { PlaceMonth } from '@bent-pail/core';
import { fixed } from '../../kit/format';
import { ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';

export const MONTH_LETTERS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'] as const;

/** Rain as steps and what air and plant would take as a line, mm a day, by month. */
export function climateChart(months: readonly PlaceMonth[]): Draw {
  const most = Math.max(1, ...months.flatMap(({ mmPerD, rain_mmPerD }) => [mmPerD, rain_mmPerD]));
  const max = Math.ceil(most);
  return (ink) => ({
    grid: { left: 30, right: 8, top: 10, bottom: 22, outerBoundsMode: 'none' },
    xAxis: {
      type: 'category',
      data: [...MONTH_LETTERS],
      axisTick: { show: false },
      axisLine: { lineStyle: { color: ink.ink, width: 1.5 } },
      axisLabel: { color: ink.ink2, fontFamily: ink.figure, fontSize: 12, interval: 0 },
    },
    yAxis: ruleAxis(ink, { min: 0, max, interval: max, format: (mm) => fixed(mm, 0) }),
    series: [
      {
        type: 'line',
        silent: true,
        step: 'middle',
        data: months.map(({ rain_mmPerD }) => rain_mmPerD),
        symbol: 'none',
        lineStyle: { color: ink.water, width: 1.5 },
        areaStyle: { color: ink.water, opacity: 1 },
      },
      {
        type: 'line',
        silent: true,
        data: months.map(({ mmPerD }) => mmPerD),
        symbol: 'none',
        lineStyle: { color: ink.ink, width: 2 },
      },
    ],
  });
}
