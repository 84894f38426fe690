import { containerCapacity, type Retention } from '@bent-pail/core';
import { amount, mine } from '../shared/units/mine';
import { plainTooltip, ruleAxis } from '../shared/chart/axes';
import type { Draw } from '../shared/chart/options';
import { fixed } from '../kit/format';

/** Depths of straight pots drawn, cm. */
const DEPTH = Object.freeze({ from: 2, to: 40, step: 1 });

export interface DepthPoint {
  readonly depth_cm: number;
  readonly solid: number;
  readonly water: number;
  readonly air: number;
}

/** Solid, water and air of a medium in straight pots from shallow to deep. */
export function byDepth(retention: Retention): DepthPoint[] {
  const count = (DEPTH.to - DEPTH.from) / DEPTH.step + 1;
  return Array.from({ length: count }, (_, i) => {
    const depth_cm = DEPTH.from + i * DEPTH.step;
    const { water, air } = containerCapacity({ retention, container: { height_cm: depth_cm } });
    return { depth_cm, solid: 1 - retention.thetaS, water, air };
  });
}

/** The same medium in pots of every depth, as layers; marks stand at the depths in question. */
export function depthChart(points: readonly DepthPoint[], marks: readonly number[]): Draw {
  const layer = (key: 'solid' | 'water' | 'air', fill: object, line: string): object => ({
    type: 'line',
    stack: 'pot',
    data: points.map((point) => [mine(point.depth_cm, 'cm'), point[key]]),
    symbol: 'none',
    lineStyle: { color: line, width: key === 'air' ? 0 : 1.5 },
    areaStyle: { color: fill, opacity: 1 },
  });
  // Whole marks of the unit that is read, within the depths drawn.
  const [from, to] = [Math.ceil(mine(DEPTH.from, 'cm')), Math.floor(mine(DEPTH.to, 'cm'))];
  return (ink) => ({
    grid: { left: 34, right: 12, top: 12, bottom: 26 },
    xAxis: ruleAxis(ink, { min: from, max: to, interval: to > 20 ? 10 : 5, format: (v) => String(Math.round(v)) }),
    yAxis: ruleAxis(ink, { min: 0, max: 1, interval: 0.5, format: (v) => fixed(v, 1) }),
    tooltip: plainTooltip(ink, (depth) => {
      const point = points.find((one) => mine(one.depth_cm, 'cm') >= depth) ?? points.at(-1);
      if (point === undefined) return '';
      return `${amount(point.depth_cm, 'cm', 0)} deep: air ${fixed(point.air, 2)}, water ${fixed(point.water, 2)}`;
    }),
    series: [
      layer('solid', ink.solid, ink.ink),
      layer('water', ink.water, ink.ink),
      {
        ...layer('air', ink.air, ink.ink),
        markLine: {
          silent: true,
          symbol: 'none',
          label: { show: false },
          lineStyle: { color: ink.ink, width: 1.5, type: 'solid' },
          data: marks
            .filter((depth) => depth >= DEPTH.from && depth <= DEPTH.to)
            .map((depth) => ({ xAxis: mine(depth, 'cm') })),
        },
      },
    ],
  });
}
