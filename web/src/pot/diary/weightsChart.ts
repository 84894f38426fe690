import type { DryDownResult } from '@bent-pail/core';
import { fixed } from '../../kit/format';
import { ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';

/** Room about the weights on their axis, kg. */
const ROOM = 0.1;

/** Weights as they were read, and as the column has them, on to the next watering. */
export function weightsChart({ predicted, course }: Pick<DryDownResult, 'predicted' | 'course'>): Draw {
  const weighed = predicted.map(({ at_d, weighed_g }) => [at_d, weighed_g / 1000]);
  const followed = course.map(({ at_d, mass_g }) => [at_d, mass_g / 1000]);
  const all = [...weighed, ...followed].map(([, kg]) => kg as number);
  const lo = Math.floor((Math.min(...all) - ROOM) * 10) / 10;
  const hi = Math.ceil((Math.max(...all) + ROOM) * 10) / 10;
  const days = Math.max(1, Math.ceil(course.at(-1)?.at_d ?? 1));
  return (ink) => ({
    grid: { left: 46, right: 14, top: 10, bottom: 24, outerBoundsMode: 'none' },
    xAxis: ruleAxis(ink, {
      min: 0,
      max: days,
      interval: Math.max(1, Math.ceil(days / 10)),
      format: (d) => fixed(d, 0),
    }),
    yAxis: ruleAxis(ink, { min: lo, max: hi, interval: (hi - lo) / 2, format: (kg) => fixed(kg, 1) }),
    series: [
      {
        type: 'line',
        data: followed,
        symbol: 'none',
        silent: true,
        lineStyle: { color: ink.zinc4, width: 1.8, type: 'dashed' },
      },
      {
        type: 'scatter',
        data: weighed,
        symbolSize: 8,
        itemStyle: { color: ink.paper, borderColor: ink.ink, borderWidth: 1.8 },
      },
    ],
  });
}
