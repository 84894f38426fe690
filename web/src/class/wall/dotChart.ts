import { ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { figureAlone } from '../../shared/classes/figureShown';
import type { FigureSeen } from '../classView';

export interface DotsShown {
  /** The bench's value and its line, and guesses with their margins: after the reveal. */
  readonly isRevealed: boolean;
  /** Read from the back of a room. */
  readonly isLarge: boolean;
}

/** Rows of more are low. */
export const MANY_GROUPS = 20;

const ends = (values: readonly number[]): readonly [number, number] => {
  const [lo, hi] = [Math.min(...values), Math.max(...values)];
  const room = Math.max(0.12 * (hi - lo), 0.02 * Math.abs(hi), 0.01);
  return [lo - room, hi + room];
};

interface AxisEnds {
  readonly min: number;
  readonly max: number;
  readonly interval: number;
  readonly digits: number;
}

/** Round ends, and as few decimals as its figures need. */
function axisEnds(values: readonly number[]): AxisEnds {
  if (values.length === 0) return { min: 0, max: 1, interval: 0.2, digits: 1 };
  const [lo, hi] = ends(values);
  const power = 10 ** Math.floor(Math.log10(hi - lo));
  const interval = [0.1, 0.2, 0.5, 1, 2].map((part) => part * power).find((step) => (hi - lo) / step <= 8) ?? power;
  return {
    min: Math.floor(lo / interval) * interval,
    max: Math.ceil(hi / interval) * interval,
    interval,
    digits: Math.max(0, -Math.floor(Math.log10(interval) + 1e-9)),
  };
}

/** Everything that the axis has to hold: a guess far off is left to the list below. */
function shownValues({ groups, result, sample, figure }: FigureSeen, { isRevealed }: DotsShown): readonly number[] {
  const bench = isRevealed ? sample.bench[figure.key] : undefined;
  // What nobody measures has its guesses alone.
  const isGuessed = isRevealed && groups.every(({ values }) => values.length === 0);
  return [
    ...(isGuessed ? groups.flatMap(({ guess }) => (guess === undefined ? [] : [guess.value])) : []),
    ...groups.flatMap(({ values }) => values),
    ...(result.summary?.ci95 ?? []),
    ...(bench === undefined ? [] : [bench.value, ...(bench.band ?? [])]),
  ];
}

/** Names of two lines that may lie close stand away from each other. */
const beside = (isLeft: boolean) => ({
  position: 'start' as const,
  align: isLeft ? ('right' as const) : ('left' as const),
});

/** A row for each group: every result a dot, its mean a large one, the class's mean and band behind them all. */
export const dotChart =
  (seen: FigureSeen, shown: DotsShown): Draw =>
  (ink) => {
    const { groups, result, sample, figure } = seen;
    const values = shownValues(seen, shown);
    const { min, max, interval, digits } = axisEnds(values);
    const rows = groups.map(({ number }) => String(number));
    const { summary } = result;
    const bench = shown.isRevealed ? sample.bench[figure.key] : undefined;
    const band = summary?.ci95;
    const isBelow = bench === undefined || (summary !== undefined && summary.mean < bench.value);
    const row = (number: number): string => String(number);
    const isMany = groups.length > MANY_GROUPS;
    const large = shown.isLarge ? 1.4 : 1;
    return {
      grid: { left: 44, right: 24, top: 34, bottom: 36 },
      xAxis: ruleAxis(ink, {
        min,
        max,
        interval,
        size: 12 * large,
        format: (value) => figureAlone({ ...figure, digits }, value),
      }),
      yAxis: {
        type: 'category',
        data: rows,
        inverse: true,
        axisLine: { lineStyle: { color: ink.ink, width: 1.5 } },
        axisTick: { show: false },
        axisLabel: { color: ink.ink, fontFamily: ink.figure, fontSize: isMany ? 11 : 15 * large, interval: 0 },
        splitLine: { show: true, lineStyle: { color: ink.zinc2 } },
      },
      series: [
        {
          type: 'scatter',
          name: 'guesses',
          silent: true,
          symbol: 'diamond',
          symbolSize: 11 * large,
          itemStyle: { color: 'transparent', borderColor: ink.ink2, borderWidth: 1.5 },
          data: shown.isRevealed
            ? groups.flatMap(({ number, guess }) => (guess === undefined ? [] : [[guess.value, row(number)]]))
            : [],
        },
        {
          type: 'scatter',
          name: 'results',
          symbolSize: 9 * large,
          itemStyle: { color: ink.waterInk, opacity: 0.75 },
          data: groups.flatMap(({ id, number, values: own }) =>
            own.length < 2 ? [] : own.map((value) => ({ name: id, value: [value, row(number)] })),
          ),
          ...(band === undefined
            ? {}
            : {
                markArea: {
                  silent: true,
                  itemStyle: { color: ink.zinc3, opacity: 0.55 },
                  data: [[{ xAxis: band[0] }, { xAxis: band[1] }]],
                },
              }),
          markLine: {
            silent: true,
            symbol: 'none',
            data: [
              ...(summary === undefined
                ? []
                : [
                    {
                      xAxis: summary.mean,
                      lineStyle: { color: ink.ink, width: 2, type: 'solid' as const },
                      label: {
                        ...beside(isBelow),
                        formatter: 'class',
                        color: ink.ink,
                        fontFamily: ink.text,
                        fontSize: 14 * large,
                      },
                    },
                  ]),
              ...(bench === undefined
                ? []
                : [
                    {
                      xAxis: bench.value,
                      lineStyle: { color: ink.waterInk, width: 2.5, type: 'dashed' as const },
                      label: {
                        ...beside(!isBelow),
                        formatter: 'bench',
                        color: ink.waterInk,
                        fontFamily: ink.text,
                        fontSize: 14 * large,
                      },
                    },
                  ]),
            ],
          },
        },
        {
          type: 'scatter',
          name: 'groups',
          symbolSize: isMany ? 12 : 19 * large,
          data: groups.flatMap(({ id, number, mean, out }) =>
            mean === undefined
              ? []
              : [
                  {
                    name: id,
                    value: [mean, row(number)],
                    itemStyle:
                      out === undefined
                        ? { color: ink.ink }
                        : { color: 'transparent', borderColor: ink.ink, borderWidth: 2 },
                  },
                ],
          ),
        },
      ],
    };
  };
