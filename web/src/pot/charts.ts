import { spansOf, type PotBands, type PotSetup, type WatchedPot } from '@bent-pail/core';
import { fixed } from '../kit/format';
import { plainTooltip, ruleAxis } from '../shared/chart/axes';
import { bandSeries } from '../shared/chart/bandSeries';
import type { ChartInk } from '../shared/chart/ink';
import type { Draw } from '../shared/chart/options';
import { inMine, mySign } from '../shared/units/mine';
import { momentSaid } from './told';

/** Room beside the plot, px: every chart of the station has the same, so that one hand crosses them all. */
export const PLOT = Object.freeze({ left: 46, right: 14, outerBoundsMode: 'none' as const });

const days = (pot: WatchedPot): number => Math.ceil((pot.t_d.at(-1) as number) - 1e-9);

const timeAxis = (ink: ChartInk, pot: WatchedPot, isLast: boolean): object => ({
  ...ruleAxis(ink, {
    min: 0,
    max: pot.t_d.at(-1) as number,
    interval: Math.max(1, Math.ceil(days(pot) / 14)),
    format: (t_d) => (isLast ? fixed(t_d, 0) : ''),
  }),
});

/** A stretch of one hour and of heights that have one step of air. */
interface Patch {
  readonly from_d: number;
  readonly to_d: number;
  readonly from_cm: number;
  readonly to_cm: number;
  readonly step: number;
}

/** Columns that a field is drawn in at most; more are finer than a screen. */
const MOST_COLUMNS = 340;

const stepOf = (air: number): number => AIR_STEPS.findIndex(({ hi }) => air < hi);

/** Air by height and time as patches: heights of one step of air at one hour are one. */
export function patchesOf(pot: WatchedPot, depth_cm: number): Patch[] {
  const n = pot.z_cm.length;
  const dz = depth_cm / n;
  const hours = pot.t_d.length;
  const every = Math.max(1, Math.ceil(hours / MOST_COLUMNS));
  const patches: Patch[] = [];
  for (let hour = 0; hour < hours - 1; hour += every) {
    const [from_d, to_d] = [pot.t_d[hour] as number, pot.t_d[Math.min(hours - 1, hour + every)] as number];
    const stepAt = (i: number): number => stepOf((pot.pores[i] as number) - (pot.theta[hour * n + i] as number));
    for (let i = 0; i < n;) {
      const step = stepAt(i);
      let end = i + 1;
      while (end < n && stepAt(end) === step) end += 1;
      patches.push({ from_d, to_d, from_cm: i * dz, to_cm: end * dz, step });
      i = end;
    }
  }
  return patches;
}

/** Air of each height at each hour, in steps: darkest where there is least. */
export function fieldChart(pot: WatchedPot, setup: PotSetup): Draw {
  const depth_cm = setup.container.height_cm + (setup.soil?.table_cm ?? 0);
  const patches = patchesOf(pot, depth_cm);
  return (ink) => {
    const colours = AIR_STEPS.map(({ mix }) => mixed(ink, mix));
    return {
      grid: { ...PLOT, top: 6, bottom: 6 },
      xAxis: { ...timeAxis(ink, pot, false), axisTick: { show: false }, splitLine: { show: false } },
      yAxis: {
        ...ruleAxis(ink, {
          min: 0,
          max: depth_cm,
          interval: depth_cm / 2,
          format: (cm) => inMine(cm, 'cm', Number.isInteger(cm) ? 0 : 1),
        }),
        splitLine: { show: false },
      },
      series: [
        {
          type: 'custom',
          silent: true,
          data: patches.map(({ from_d, to_d, from_cm, to_cm, step }) => [from_d, to_d, from_cm, to_cm, step]),
          renderItem: (_params, api) => {
            const [left = 0, bottom = 0] = api.coord([api.value(0), api.value(2)]);
            const [right = 0, top = 0] = api.coord([api.value(1), api.value(3)]);
            return {
              type: 'rect',
              // Half a pixel over each other, so that no seam shows.
              shape: { x: left, y: top, width: right - left + 0.5, height: bottom - top + 0.5 },
              style: { fill: colours[Number(api.value(4))] ?? ink.paper },
            };
          },
        },
      ],
    };
  };
}

/** Air by steps: a tenth is the limit of roots. `mix` is the share of water-ink. */
export const AIR_STEPS = [
  { lo: -1, hi: 0.1, mix: 1, words: 'under 0.10 air' },
  { lo: 0.1, hi: 0.2, mix: 0.62, words: '0.10 to 0.20' },
  { lo: 0.2, hi: 0.3, mix: 0.34, words: '0.20 to 0.30' },
  { lo: 0.3, hi: 2, mix: 0.1, words: '0.30 and more' },
] as const;

/** Between paper and water-ink; both come as rgb(r, g, b). */
export function mixed({ paper, waterInk }: Pick<ChartInk, 'paper' | 'waterInk'>, share: number): string {
  const parts = (colour: string): number[] => (colour.match(/[\d.]+/g) ?? []).slice(0, 3).map(Number);
  const [from, to] = [parts(paper), parts(waterInk)];
  return `rgb(${from.map((one, i) => Math.round(one + share * ((to[i] ?? one) - one))).join(', ')})`;
}

/** Marks of what is shown by name: ink for the one that is looked at, dashes for those beside it. */
const lineOf = (ink: ChartInk, pot: WatchedPot, values: Float64Array, isChosen: boolean): object => ({
  type: 'line',
  data: Array.from(values, (value, i) => [pot.t_d[i], value]),
  symbol: 'none',
  silent: true,
  sampling: 'lttb',
  lineStyle: { color: isChosen ? ink.ink : ink.zinc4, width: isChosen ? 2 : 1.5, type: isChosen ? 'solid' : 'dashed' },
});

const limitLine = (ink: ChartInk, pot: WatchedPot, at: number): object => ({
  type: 'line',
  data: [
    [0, at],
    [pot.t_d.at(-1), at],
  ],
  symbol: 'none',
  silent: true,
  lineStyle: { color: ink.ink, width: 1, type: 'dotted' },
});

const bandLines = (ink: ChartInk, bands: PotBands | undefined): object[] =>
  bands === undefined
    ? []
    : bandSeries(
        bands.stored_mL.map(({ p5, p95 }, day) => [day, p5, p95] as const),
        ink,
      );

/** Hours on the wrong side of a limit, as a ground behind the line. */
function outside(
  ink: ChartInk,
  pot: WatchedPot,
  values: Float64Array,
  isOutside: ((value: number) => boolean) | undefined,
): object {
  if (isOutside === undefined) return {};
  const spans = spansOf(values, isOutside).map(([from, to]) => [{ xAxis: pot.t_d[from] }, { xAxis: pot.t_d[to] }]);
  return { markArea: { silent: true, itemStyle: { color: ink.zinc3, opacity: 0.55 }, data: spans } };
}

const most = (all: readonly Float64Array[]): number =>
  Math.max(...all.map((one) => one.reduce((a, b) => Math.max(a, b), 0)));
/** A round number at or above another, for the end of an axis. */
const roundUp = (value: number): number => {
  const step = 10 ** Math.floor(Math.log10(Math.max(value, 1e-9)));
  return [1, 2, 5, 10].map((by) => by * step).find((one) => one >= value) ?? value;
};

export interface Strip {
  readonly key: 'stored' | 'air' | 'suction' | 'drained';
  readonly title: string;
  readonly draw: Draw;
}

/** Strips one above the other: stored water, air and suction of the root zone, what drained. */
export function stripsOf(all: readonly WatchedPot[], chosen: number, bands: PotBands | undefined): Strip[] {
  const pot = all[chosen] as WatchedPot;
  const { limits } = pot;
  const others = all.map((_, i) => i).filter((i) => i !== chosen);
  const draw =
    (
      of: (one: WatchedPot) => Float64Array,
      top: number,
      said: (value: number) => string,
      more: {
        readonly unit?: string;
        readonly limit?: number;
        readonly isLast?: boolean;
        readonly withBands?: boolean;
        readonly isOutside?: (value: number) => boolean;
      } = {},
    ): Draw =>
    (ink) => ({
      grid: { ...PLOT, top: 8, bottom: more.isLast === true ? 24 : 8 },
      xAxis: timeAxis(ink, pot, more.isLast === true),
      yAxis: ruleAxis(ink, { min: 0, max: top, interval: top / 2, format: said }),
      tooltip: plainTooltip(ink, (t_d) => {
        const hour = Math.round(24 * t_d);
        return `${momentSaid(t_d)}: ${said(of(pot)[hour] ?? 0)} ${more.unit ?? ''}`;
      }),
      series: [
        ...(more.withBands === true ? bandLines(ink, bands) : []),
        ...others.map((i) => lineOf(ink, all[i] as WatchedPot, of(all[i] as WatchedPot), false)),
        { ...lineOf(ink, pot, of(pot), true), ...outside(ink, pot, of(pot), more.isOutside) },
        ...(more.limit === undefined ? [] : [limitLine(ink, pot, more.limit)]),
      ],
    });
  const litres = (mL: number): string => inMine(mL / 1000, 'L', 1);
  const suction = (cm: number): string => inMine(cm, 'cm', 0);
  const top = (of: (one: WatchedPot) => Float64Array): number => roundUp(most(all.map(of)));
  const suctionTop = Math.max(
    200,
    Math.min(
      1000,
      top((one) => one.suction_cm),
    ),
  );
  const [volumes, lengths] = [mySign('L'), mySign('cm')];
  return [
    {
      key: 'stored',
      title: `Water it holds, ${volumes}`,
      draw: draw(
        (one) => one.stored_mL,
        top((one) => one.stored_mL),
        litres,
        { unit: volumes, withBands: true },
      ),
    },
    {
      key: 'air',
      title: `Air among its roots; dotted: ${fixed(limits.air, 2)}`,
      draw: draw(
        (one) => one.air,
        Math.max(
          0.4,
          top((one) => one.air),
        ),
        (value) => fixed(value, 1),
        {
          limit: limits.air,
          isOutside: (air) => air < limits.air,
        },
      ),
    },
    {
      key: 'suction',
      title: `Suction among its roots, ${lengths}; dotted: the end of easy water`,
      draw: draw((one) => one.suction_cm, suctionTop, suction, {
        unit: lengths,
        limit: limits.suction_cm,
        isOutside: (cm) => cm > limits.suction_cm,
      }),
    },
    {
      key: 'drained',
      title: `Drained since it was soaked, ${volumes}`,
      draw: draw(
        (one) => one.drained_mL,
        top((one) => one.drained_mL),
        litres,
        { unit: volumes, isLast: true },
      ),
    },
  ];
}
