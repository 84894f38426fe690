import { ruleAxis } from '../../shared/chart/axes';
import type { Draw } from '../../shared/chart/options';
import { figureAlone } from '../../shared/classes/figureShown';
import type { FigureSeen } from '../classView';

export interface DotsShown {
  /** The bench's value and its line, and guesses with their margins: after the reveal. */
  readonly isRevealed: boolean;
}

const ends = (values: readonly number[]): readonly [number, number] => {
  const [lo, hi] = [Math.min(...values), Math.max(...values)];
  const room = Math.max(0.12 * (hi - lo), 0.02 * Math.abs(hi), 0.01);
  return [lo - room, hi + room];
};

/** Round ends, so that the axis has few figures. */
function axisEnds(values: readonly number[]): readonly [number, number] {
  const [lo, hi] = ends(values);
  const step = 10 ** Math.floor(Math.log10(hi - lo));
  return [Math.floor(lo / step) * step, Math.ceil(hi / step) * step];
}

/** Everything that the axis has to hold. */
function shownValues({ groups, result, sample, figure }: FigureSeen, { isRevealed }: DotsShown): readonly number[] {
  const bench = isRevealed ? sample.bench[figure.key] : undefined;
  return [
    ...groups.flatMap(({ values }) => values),
    ...(result.summary?.ci95 ?? []),
    ...(bench === undefined ? [] : [bench.value, ...(bench.band ?? [])]),
    ...(isRevealed ? groups.flatMap(({ guess }) => (guess === undefined ? [] : [guess.value])) : []),
  ];
}

/** A row for each group: every result a dot, its mean a large one, the class's mean and band behind them all. */
export const dotChart =
  (seen: FigureSeen, shown: DotsShown): Draw =>
  (ink) => {
    const { groups, result, sample, figure } = seen;
    const values = shownValues(seen, shown);
    const [min, max] = values.length === 0 ? [0, 1] : axisEnds(values);
    const rows = groups.map(({ number }) => String(number));
    const { summary } = result;
    const bench = shown.isRevealed ? sample.bench[figure.key] : undefined;
    const band = summary?.ci95;
    const row = (number: number): string => String(number);
    return {
      grid: { left: 44, right: 16, top: 26, bottom: 30 },
      xAxis: ruleAxis(ink, { min, max, format: (value) => figureAlone(figure, value) }),
      yAxis: {
        type: 'category',
        data: rows,
        inverse: true,
        axisLine: { lineStyle: { color: ink.ink, width: 1.5 } },
        axisTick: { show: false },
        axisLabel: { color: ink.ink, fontFamily: ink.figure, fontSize: groups.length > 20 ? 11 : 15, interval: 0 },
        splitLine: { show: true, lineStyle: { color: ink.zinc2 } },
      },
      series: [
        {
          type: 'scatter',
          name: 'guesses',
          silent: true,
          symbol: 'diamond',
          symbolSize: 11,
          itemStyle: { color: 'transparent', borderColor: ink.ink2, borderWidth: 1.5 },
          data: shown.isRevealed
            ? groups.flatMap(({ number, guess }) => (guess === undefined ? [] : [[guess.value, row(number)]]))
            : [],
        },
        {
          type: 'scatter',
          name: 'results',
          symbolSize: 9,
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
                      label: { formatter: 'class', color: ink.ink, fontFamily: ink.text, fontSize: 14 },
                    },
                  ]),
              ...(bench === undefined
                ? []
                : [
                    {
                      xAxis: bench.value,
                      lineStyle: { color: ink.waterInk, width: 2.5, type: 'dashed' as const },
                      label: { formatter: 'bench', color: ink.waterInk, fontFamily: ink.text, fontSize: 14 },
                    },
                  ]),
            ],
          },
        },
        {
          type: 'scatter',
          name: 'groups',
          symbolSize: groups.length > 20 ? 12 : 19,
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
