import type { Reliability } from '@bent-pail/core';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { fixed } from '../../kit/format';

const percent = (share: number): string => `${fixed(100 * share, 0)} %`;

/** What was said across, what came true up, with the line of equals: above it the bands are too wide, under it too narrow. */
export function reliabilityChart(found: readonly Reliability[]): Draw {
  return (ink) => {
    const axis = ruleAxis(ink, { min: 0, max: 1, interval: 0.25, format: percent });
    return {
      grid: { left: 52, right: 16, top: 12, bottom: 26 },
      xAxis: axis,
      yAxis: axis,
      tooltip: plainTooltip(ink, (said) => {
        const at = found.find((one) => Math.abs(one.said - said) < 1e-9);
        return at === undefined ? '' : `said ${percent(at.said)}, held ${percent(at.held)}`;
      }),
      series: [
        {
          type: 'line',
          data: [
            [0, 0],
            [1, 1],
          ],
          symbol: 'none',
          lineStyle: { color: ink.zinc4, width: 1.5 },
        },
        {
          type: 'line',
          data: found.map(({ said, held }) => [said, held]),
          symbol: 'circle',
          symbolSize: 8,
          lineStyle: { color: ink.ink, width: 2 },
          itemStyle: { color: ink.ink },
        },
      ],
    };
  };
}
