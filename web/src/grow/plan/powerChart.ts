import { planSays, type TrialPlan } from '@bent-pail/core';
import { ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';

/** As far to the right as somebody may think of. */
const MOST_BLOCKS = 14;
const WANTED = 80;

/** The chance to show the difference that matters, by the number of blocks; the plan's own marked. */
export const powerChart =
  (plan: TrialPlan): Draw =>
  (ink) => {
    const most = Math.max(MOST_BLOCKS, plan.blocks + 2);
    const points = Array.from({ length: most - 1 }, (_, i) => i + 2).flatMap((blocks) => {
      const power = planSays({ ...plan, blocks })?.power;
      return power === undefined ? [] : [[blocks, 100 * power]];
    });
    const own = points.find(([blocks]) => blocks === plan.blocks);
    return {
      grid: { left: 40, right: 16, top: 12, bottom: 28 },
      xAxis: ruleAxis(ink, { min: 1, max: most, interval: 1 }),
      yAxis: ruleAxis(ink, { min: 0, max: 100, interval: 20 }),
      series: [
        {
          type: 'line',
          data: points,
          symbol: 'none',
          lineStyle: { color: ink.ink, width: 2 },
          markLine: {
            silent: true,
            symbol: 'none',
            data: [{ yAxis: WANTED, lineStyle: { color: ink.ink2, type: 'dashed' as const }, label: { show: false } }],
          },
        },
        {
          type: 'scatter',
          data: own === undefined ? [] : [own],
          symbolSize: 13,
          itemStyle: { color: ink.ink },
          silent: true,
        },
      ],
    };
  };
