import { fixed } from '../../kit/format';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { mine } from '../../shared/units/mine';
import { priceSaid } from '../../shared/units/ofProperty';

export interface Judged {
  readonly name: string;
  /** Its place in the table, which names it in the drawing too. */
  readonly place: number;
  readonly pricePerL: number;
  readonly overall: number;
}

/** Those that nobody beats in both: each dearer one must be better. Cheapest first. */
export function worthwhile(judged: readonly Judged[]): Judged[] {
  const byPrice = [...judged].sort((a, b) => a.pricePerL - b.pricePerL || b.overall - a.overall);
  return byPrice.filter((one, i) => byPrice.slice(0, i).every(({ overall }) => overall < one.overall));
}

/** Overall by price, with the edge of what is worth its price. */
export function priceChart(judged: readonly Judged[], currency: string): Draw {
  const most = Math.max(...judged.map(({ pricePerL }) => mine(pricePerL, 'per L'))) * 1.1;
  const point = ({ pricePerL, overall }: Judged): [number, number] => [mine(pricePerL, 'per L'), overall];
  return (ink) => ({
    grid: { left: 34, right: 60, top: 24, bottom: 30 },
    xAxis: ruleAxis(ink, { min: 0, max: most, interval: most / 4, format: (v) => fixed(v, 2) }),
    yAxis: ruleAxis(ink, { min: 0, max: 10, interval: 2, format: (v) => fixed(v, 0) }),
    tooltip: plainTooltip(ink, (price) => {
      const near = [...judged].sort((a, b) => Math.abs(point(a)[0] - price) - Math.abs(point(b)[0] - price))[0];
      return near === undefined
        ? ''
        : `${near.name}: ${fixed(near.overall, 1)}, ${priceSaid(near.pricePerL, currency)}`;
    }),
    series: [
      {
        type: 'line',
        data: worthwhile(judged).map(point),
        step: 'end',
        symbol: 'none',
        lineStyle: { color: ink.ink, width: 1.5, type: 'dashed' },
      },
      {
        type: 'scatter',
        data: judged.map((one) => ({ name: String(one.place), value: point(one) })),
        symbolSize: 11,
        itemStyle: { color: ink.ink },
        label: {
          show: true,
          position: 'top',
          color: ink.ink,
          fontSize: 14,
          fontWeight: 700,
          formatter: '{b}',
        },
      },
    ],
  });
}
