import type { RecipeSearchResult } from '@bent-pail/core';
import { inMine } from '../../shared/units/mine';
import { priceSaid } from '../../shared/units/ofProperty';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { fixed } from '../../kit/format';

/** Price against fit: the front as steps in ink, the best recipes as dots. */
export function frontChart({ front, recipes }: RecipeSearchResult, currency: string): Draw {
  const prices = [...front.map((one) => one.price), ...recipes.flatMap((one) => one.pricePerL ?? [])];
  const lo = Math.floor(20 * Math.min(...prices)) / 20;
  const hi = Math.max(lo + 0.05, Math.ceil(20 * Math.max(...prices)) / 20);
  const worst = Math.max(...front.map((one) => one.loss), 0.1);
  return (ink) => ({
    grid: { left: 34, right: 12, top: 10, bottom: 24 },
    xAxis: ruleAxis(ink, { min: lo, max: hi, interval: (hi - lo) / 2, format: (v) => inMine(v, 'per L', 2) }),
    yAxis: ruleAxis(ink, {
      min: 0,
      max: Math.ceil(10 * worst) / 10,
      interval: Math.ceil(10 * worst) / 20,
      format: (v) => fixed(v, 2),
    }),
    tooltip: plainTooltip(ink, (price) => {
      const at = [...front].reverse().find((one) => one.price <= price + 1e-9) ?? front[0];
      return at === undefined
        ? ''
        : `${at.parts.join(' ')}: ${priceSaid(at.price, currency)}, off by ${fixed(at.loss, 2)}`;
    }),
    series: [
      {
        type: 'line',
        step: 'end',
        data: front.map((one) => [one.price, one.loss]),
        symbol: 'circle',
        symbolSize: 6,
        itemStyle: { color: ink.ink },
        lineStyle: { color: ink.ink, width: 1.8 },
      },
      {
        type: 'scatter',
        data: recipes.flatMap((one) => (one.pricePerL === undefined ? [] : [[one.pricePerL, one.loss]])),
        symbolSize: 5,
        itemStyle: { color: ink.paper, borderColor: ink.zinc4, borderWidth: 1.5 },
      },
    ],
  });
}
