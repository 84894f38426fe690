import type { ChartInk } from './ink';

interface Axis {
  readonly type?: 'value' | 'log';
  readonly min: number;
  readonly max: number;
  readonly interval?: number;
  readonly format?: (value: number) => string;
  /** Of its figures, px. */
  readonly size?: number;
}

/** An axis as a rule with few figures: no arrow, no rotated title. */
export function ruleAxis(ink: ChartInk, { type = 'value', min, max, interval, format, size = 12 }: Axis): object {
  return {
    type,
    min,
    max,
    ...(interval === undefined ? {} : { interval }),
    axisLine: { show: true, onZero: false, lineStyle: { color: ink.ink, width: 1.5 } },
    axisTick: { show: true, lineStyle: { color: ink.zinc4 } },
    axisLabel: {
      color: ink.ink2,
      fontFamily: ink.figure,
      fontSize: size,
      ...(format === undefined ? {} : { formatter: format }),
    },
    splitLine: { lineStyle: { color: ink.zinc2 } },
  };
}

/** A tooltip that the page's policy allows: drawn on the canvas, no markup. */
export function plainTooltip(ink: ChartInk, formatter: (at: number) => string): object {
  return {
    trigger: 'axis',
    renderMode: 'richText',
    backgroundColor: ink.paper,
    borderColor: ink.ink,
    borderWidth: 1.5,
    borderRadius: 0,
    shadowBlur: 0,
    textStyle: { color: ink.ink, fontFamily: ink.text, fontSize: 13.5 },
    axisPointer: { type: 'line', lineStyle: { color: ink.ink, type: 'solid' } },
    formatter: (items: readonly { readonly value: readonly number[] }[]) => formatter(items[0]?.value[0] ?? 0),
  };
}
