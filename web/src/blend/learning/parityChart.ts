import type { LearnedBlend, LearnedProperty } from '@bent-pail/core';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { fixed } from '../../kit/format';

export const PARITY_PROPERTIES = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const;
type Parity = (typeof PARITY_PROPERTIES)[number];

/** How far an axis goes beyond the points, and to what its ends are rounded. */
const ROUND: Readonly<Record<Parity, number>> = { air: 0.1, water: 0.1, bulkDensity_gcc: 0.2, pH: 1 };

/** One range for both axes, or the line of equals would not be the diagonal. */
export function parityRange(found: readonly LearnedProperty[], shown: Parity): readonly [number, number] {
  const values = found.flatMap((one) => [one.predicted, one.corrected, one.measured - one.se, one.measured + one.se]);
  const step = ROUND[shown];
  const lo = step * Math.floor(Math.min(...values) / step + 1e-9);
  const hi = step * Math.ceil(Math.max(...values) / step - 1e-9);
  return [Number(lo.toFixed(6)), Number(Math.max(hi, lo + step).toFixed(6))];
}

/** Predicted against measured with the line of equals; dots uncorrected, rings corrected, bars what is doubted. */
export function parityChart(blends: readonly LearnedBlend[], shown: Parity): Draw {
  const found = blends.flatMap((blend) => blend.properties.filter((one) => one.property === shown));
  const [min, max] = found.length === 0 ? [0, 1] : parityRange(found, shown);
  const digits = shown === 'pH' ? 0 : 1;
  return (ink) => {
    const axis = ruleAxis(ink, { min, max, interval: (max - min) / 2, format: (value) => fixed(value, digits + 1) });
    return {
      grid: { left: 44, right: 14, top: 10, bottom: 26 },
      xAxis: axis,
      yAxis: axis,
      tooltip: plainTooltip(ink, (predicted) => {
        const at = found.find((one) => Math.abs(one.predicted - predicted) < 1e-9);
        return at === undefined ? '' : `predicted ${fixed(at.predicted, 2)}, measured ${fixed(at.measured, 2)}`;
      }),
      series: [
        {
          type: 'line',
          data: [
            [min, min],
            [max, max],
          ],
          symbol: 'none',
          lineStyle: { color: ink.zinc4, width: 1.5 },
        },
        ...found.map((one) => ({
          type: 'line' as const,
          data: [
            [one.predicted, one.measured - one.se],
            [one.predicted, one.measured + one.se],
          ],
          symbol: 'none',
          lineStyle: { color: ink.ink, width: 1.5 },
        })),
        {
          type: 'scatter',
          data: found.map((one) => [one.predicted, one.measured]),
          symbolSize: 9,
          itemStyle: { color: ink.ink },
        },
        {
          type: 'scatter',
          data: found.filter((one) => one.corrected !== one.predicted).map((one) => [one.corrected, one.measured]),
          symbolSize: 11,
          itemStyle: { color: 'transparent', borderColor: ink.waterInk, borderWidth: 2.2 },
        },
      ],
    };
  };
}
