import { meanOf, thetaAt, type CurveBandPoint, type LotCurve } from '@bent-pail/core';
import { plainTooltip, ruleAxis } from '../shared/chart/axes';
import { bandSeries } from '../shared/chart/bandSeries';
import type { Draw } from '../shared/chart/options';
import { fixed } from '../kit/format';

/** Suctions drawn, cm of water: four decades are all that a pot knows, and one over. */
const SUCTION = Object.freeze({ from: 1, to: 1000, points: 90 });

const suctions = Array.from(
  { length: SUCTION.points + 1 },
  (_, i) => SUCTION.from * (SUCTION.to / SUCTION.from) ** (i / SUCTION.points),
);

/** Ink for what was seen in several places, dashes for one depth, dots for a class. */
const LINE = { fitted: 'solid', inferred: 'dashed', class: 'dotted' } as const;

/** Water held by suction: dashed where one depth was seen, dotted where it is the class's; what was measured in ink. */
export function curveChart(curve: LotCurve): Draw {
  const points = suctions.map((h) => [h, thetaAt(curve.retention, h)]);
  return (ink) => ({
    grid: { left: 34, right: 12, top: 12, bottom: 26 },
    xAxis: ruleAxis(ink, { type: 'log', min: SUCTION.from, max: SUCTION.to, format: String }),
    yAxis: ruleAxis(ink, {
      min: 0,
      max: Math.ceil(curve.retention.thetaS * 5) / 5,
      interval: 0.2,
      format: (v) => fixed(v, 1),
    }),
    tooltip: plainTooltip(ink, (h) => `${fixed(thetaAt(curve.retention, h), 2)} water at ${fixed(h, 0)} cm`),
    series: [
      ...bandSeries(shownBand(curve.band), ink),
      {
        type: 'line',
        data: points,
        symbol: 'none',
        lineStyle: { color: ink.waterInk, width: 2.2, type: LINE[curve.kind] },
      },
      {
        type: 'scatter',
        data: pointsOf(curve),
        symbolSize: 7,
        itemStyle: { color: ink.paper, borderColor: ink.ink, borderWidth: 1.8 },
      },
      ...meansOf(curve).map((data) => ({
        type: 'line',
        data,
        symbol: 'none',
        lineStyle: { color: ink.ink, width: 2.5 },
      })),
    ],
  });
}

const shownBand = (band: readonly CurveBandPoint[]) =>
  band.filter(({ head_cm }) => head_cm >= SUCTION.from).map(({ head_cm, lo, hi }) => [head_cm, lo, hi] as const);

/** Drained vessels and rings of a stack: each a mean over its heights, drawn from the lowest to the highest. */
function meansOf({ readings }: LotCurve): number[][][] {
  return readings.seen.flatMap((one) => {
    // Air by a jug, and water that it holds at least, are no means of the curve.
    if (one.kind === 'point' || one.kind === 'porosity' || one.kind === 'air' || one.kind === 'least') return [];
    const [from, to] = one.kind === 'slice' ? [one.from_cm, one.to_cm] : [0, heightOf(one)];
    const theta = meanOf(one.values);
    return [
      [
        [Math.max(from, SUCTION.from), theta],
        [to, theta],
      ],
    ];
  });
}

const heightOf = (seen: Extract<LotCurve['readings']['seen'][number], { kind: 'vessel' | 'column' }>): number =>
  seen.kind === 'vessel' ? seen.container.height_cm : seen.height_cm;

/** Weighings on the suction table, at their suctions; soaked ones stand at the left edge of the log scale. */
const pointsOf = ({ readings }: LotCurve): number[][] =>
  readings.seen.flatMap((one) =>
    one.kind === 'point' ? [[Math.max(one.head_cm, SUCTION.from), meanOf(one.values)]] : [],
  );
