import type { ChartInk } from './ink';

/** A band as two layers: nothing up to its lower edge, then its width. Points are x, lower and upper edge. */
export function bandSeries(points: readonly (readonly [number, number, number])[], ink: ChartInk): object[] {
  const layer = (data: number[][], opacity: number): object => ({
    type: 'line',
    stack: 'band',
    stackStrategy: 'all',
    data,
    symbol: 'none',
    silent: true,
    lineStyle: { opacity: 0 },
    areaStyle: { color: ink.zinc4, opacity },
  });
  return [
    layer(
      points.map(([x, lo]) => [x, lo]),
      0,
    ),
    layer(
      points.map(([x, lo, hi]) => [x, hi - lo]),
      0.22,
    ),
  ];
}
