import type { TrialEventLine } from '@bent-pail/contract';
import { daysBetween, TRAITS, type SpeciesFound, type TraitFound, type TrialPlan } from '@bent-pail/core';
import { ruleAxis } from '../../shared/chart/axes';
import { bandSeries } from '../../shared/chart/bandSeries';
import type { ChartInk } from '../../shared/chart/ink';
import type { Draw } from '../../shared/chart/options';
import { mine } from '../../shared/units/mine';
import { armInk, armName } from './armInk';

/** A round step so that an axis has few figures. */
function roundStep(span: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(span, 1e-6)));
  return [0.1, 0.2, 0.5, 1, 2].map((part) => part * power).find((step) => span / step <= 7) ?? power;
}

/** What happened in the middle of it, as lines across a chart: by the age of what was sown with most of the others. */
function eventLines(plan: TrialPlan, events: readonly TrialEventLine[], ink: ChartInk): object[] {
  return events
    .filter(({ kind }) => kind === 'changed' || kind === 'mishap')
    .map(({ on, words, kind }) => ({
      xAxis: daysBetween(plan.common.sownOn, on),
      lineStyle: { color: ink.ink2, width: 1, type: 'dotted' as const },
      label: {
        formatter: (words ?? kind).slice(0, 28),
        color: ink.ink2,
        fontFamily: ink.text,
        fontSize: 12,
        position: 'insideEndTop' as const,
      },
    }));
}

/** Days after sowing, up to a round one. */
function ageAxis(ink: ChartInk, last: number): object {
  const step = Math.max(1, roundStep(last));
  return ruleAxis(ink, {
    min: 0,
    max: Math.ceil(last / step) * step,
    interval: step,
    format: (age) => `${String(age)} d`,
  });
}

/** Heights of the charts with their axes taken off, px. */
const PLOT_px = Object.freeze({ growth: 254, up: 218 });

/** Height of a name beside the end of its line, px. */
const NAME_px = 16;

interface LineEnd {
  readonly name: string;
  readonly at: readonly [number, number];
}

/** Names at the ends of lines, moved up where they would lie on one another; `top` is what stands at the upper edge. */
function endNames(
  ends: readonly LineEnd[],
  { top, height }: { readonly top: number; readonly height: number },
  ink: ChartInk,
) {
  const room = (NAME_px * top) / height;
  const sorted = [...ends].sort((a, b) => a.at[1] - b.at[1]);
  const up: number[] = [];
  for (const { at } of sorted) up.push(Math.max(at[1], (up.at(-1) ?? Number.NEGATIVE_INFINITY) + room));
  // What has been moved beyond the upper edge takes those below it down again.
  const down: number[] = [];
  for (const y of [...up].reverse()) down.push(Math.min(y, (down.at(-1) ?? top + room) - room));
  const places = down.reverse();
  const data = sorted.map(({ name, at: [x] }, i) => ({ name, value: [x, places[i] ?? 0] }));
  return {
    type: 'scatter' as const,
    silent: true,
    clip: false,
    symbolSize: 0.1,
    itemStyle: { color: 'transparent' },
    label: {
      show: true,
      formatter: '{b}',
      position: 'right' as const,
      distance: 8,
      color: ink.ink,
      fontFamily: ink.text,
      fontSize: 13,
    },
    data,
  };
}

/** Values by age, a line a medium with its 95 % band; what changed meanwhile is drawn across. */
export const growthChart =
  (plan: TrialPlan, { trait, arms }: TraitFound, events: readonly TrialEventLine[]): Draw =>
  (ink) => {
    const { unit } = TRAITS[trait];
    const ages = arms.flatMap((arm) => arm.ages);
    const inUnit = (value: number): number => mine(value, unit);
    const top = Math.max(...ages.map(({ value, ci95 }) => inUnit(ci95?.[1] ?? value)));
    const step = roundStep(top);
    const last = Math.max(...ages.map(({ age_d }) => age_d));
    const lines = arms.map(({ arm, ages: own }, i) => {
      const { color, width, type, symbol } = armInk(plan, arm, ink);
      return {
        type: 'line' as const,
        name: armName(plan, arm),
        data: own.map(({ age_d, value }) => [age_d, inUnit(value)]),
        symbol,
        symbolSize: 7,
        itemStyle: { color },
        lineStyle: { color, width, type },
        ...(i === 0 ? { markLine: { silent: true, symbol: 'none', data: eventLines(plan, events, ink) } } : {}),
      };
    });
    const bands = arms.flatMap(({ ages: own }, i) => {
      const points = own.flatMap(({ age_d, ci95 }) =>
        ci95 === undefined ? [] : [[age_d, inUnit(ci95[0]), inUnit(ci95[1])] as const],
      );
      // Each band is stacked by itself.
      return points.length < 2
        ? []
        : bandSeries(points, ink).map((layer) => ({ ...layer, stack: `band ${String(i)}` }));
    });
    return {
      grid: { left: 48, right: 150, top: 16, bottom: 30 },
      xAxis: ageAxis(ink, last),
      yAxis: ruleAxis(ink, { min: 0, max: Math.ceil(top / step) * step, interval: step }),
      series: [
        ...bands,
        ...lines,
        endNames(
          arms.flatMap(({ arm, ages: own }) => {
            const end = own.at(-1);
            return end === undefined ? [] : [{ name: armName(plan, arm), at: [end.age_d, inUnit(end.value)] as const }];
          }),
          { top: Math.ceil(top / step) * step, height: PLOT_px.growth },
          ink,
        ),
      ],
    };
  };

/** Every plant and every plot at one age, a row a medium. */
export const plantsChart =
  (plan: TrialPlan, { trait, plots }: TraitFound, age_d: number): Draw =>
  (ink) => {
    const { unit } = TRAITS[trait];
    const here = plots.filter((one) => one.age_d === age_d);
    const rows = plan.arms.filter(({ key }) => here.some(({ plot }) => plot.arm === key)).map(({ name }) => name);
    const values = here.flatMap(({ plants, value }) => [...plants, value]).map((value) => mine(value, unit));
    const [lo, hi] = [Math.min(...values), Math.max(...values)];
    const step = roundStep(Math.max(hi - lo, hi / 10));
    return {
      grid: { left: 150, right: 20, top: 10, bottom: 30 },
      xAxis: ruleAxis(ink, {
        min: Math.floor(lo / step) * step,
        max: Math.ceil(hi / step) * step,
        interval: step,
        format: (value) => String(Number(value.toFixed(3))),
      }),
      yAxis: {
        type: 'category',
        data: rows,
        inverse: true,
        axisTick: { show: false },
        axisLine: { lineStyle: { color: ink.ink, width: 1.5 } },
        axisLabel: { color: ink.ink, fontFamily: ink.text, fontSize: 13, width: 138, overflow: 'truncate' },
        splitLine: { show: true, lineStyle: { color: ink.zinc2 } },
      },
      series: [
        {
          type: 'scatter',
          name: 'plants',
          silent: true,
          symbolSize: 7,
          itemStyle: { color: 'transparent', borderColor: ink.zinc4, borderWidth: 1.2 },
          data: here.flatMap(({ plot, plants }) =>
            plants.length < 2 ? [] : plants.map((value) => [mine(value, unit), armName(plan, plot.arm)]),
          ),
        },
        {
          type: 'scatter',
          name: 'plots',
          silent: true,
          symbol: 'rect',
          symbolSize: [5, 22],
          itemStyle: { color: ink.waterInk },
          data: here.map(({ plot, value }) => [mine(value, unit), armName(plan, plot.arm)]),
        },
      ],
    };
  };

/** Share of the seeds that was up by age, a step line a medium. */
export const upChart =
  (plan: TrialPlan, germination: NonNullable<SpeciesFound['germination']>): Draw =>
  (ink) => {
    const last = Math.max(1, ...germination.curves.flatMap(({ points }) => points.map(({ age_d }) => age_d)));
    return {
      grid: { left: 44, right: 150, top: 12, bottom: 30 },
      xAxis: ageAxis(ink, last),
      yAxis: ruleAxis(ink, { min: 0, max: 100, interval: 20 }),
      series: [
        ...germination.curves.map(({ arm, points }) => {
          const { color, width, type } = armInk(plan, arm, ink);
          return {
            type: 'line' as const,
            name: armName(plan, arm),
            data: [[0, 0], ...points.map(({ age_d, share }) => [age_d, 100 * share])],
            symbol: 'none',
            lineStyle: { color, width, type },
          };
        }),
        endNames(
          germination.curves.flatMap(({ arm, points }) => {
            const end = points.at(-1);
            return end === undefined ? [] : [{ name: armName(plan, arm), at: [end.age_d, 100 * end.share] as const }];
          }),
          { top: 100, height: PLOT_px.up },
          ink,
        ),
      ],
    };
  };
