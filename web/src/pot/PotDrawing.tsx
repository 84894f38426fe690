import type { PotSetup, WatchedPot } from '@bent-pail/core';
import { roundContainer } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { DRAWN } from '../kit/ink';
import { fixed } from '../kit/format';
import { shapeOf } from '../shared/pail/pailGeometry';
import { potOutline } from '../shared/pail/potOutline';
import { amount, mySign } from '../shared/units/mine';
import { ruleMarks } from '../shared/units/ruleMarks';

interface PotDrawingProps {
  readonly setup: PotSetup;
  readonly pot: WatchedPot;
  /** The hour that is looked at. */
  readonly at: number;
  readonly label: string;
  /** How many stand side by side, and its part of the deepest one's depth. */
  readonly count: number;
  readonly part: number;
}

/** Alone a pot has more room than beside another, and least of three. */
const BOXES = [
  { width: 300, height: 250 },
  { width: 200, height: 210 },
  { width: 140, height: 180 },
] as const;

/** The least part of the tallest one's height that a pot is drawn in. */
const LEAST = 0.35;

/** Room of a pot among others, by its part of the deepest one's depth. */
export function boxOf(count: number, part: number): { readonly width: number; readonly height: number } {
  const { width, height } = BOXES[Math.min(count, BOXES.length) - 1] ?? BOXES[0];
  return { width, height: height * Math.max(LEAST, part) };
}
export const RULE = 30;
const TOP = 6;

/** A pot cut open at one hour: at each height solid, water and air share the width. */
export function PotDrawing({ setup, pot, at, label, count, part }: PotDrawingProps): ReactElement {
  const box = useMemo(() => boxOf(count, part), [count, part]);
  const { z_cm, pores, theta } = pot;
  const round = roundContainer(setup.container);
  const soil_cm = setup.soil?.table_cm ?? 0;
  const depth_cm = round.height_cm + soil_cm;
  const outline = useMemo(() => {
    const shape = shapeOf(soil_cm > 0 ? { height_cm: depth_cm } : setup.container, 'pot');
    return potOutline(shape, box);
  }, [setup.container, soil_cm, depth_cm, box]);
  const { x, y, line, wall } = outline;
  const n = z_cm.length;
  const half = depth_cm / n / 2;
  const row = (i: number): number => theta[at * n + i] as number;
  /** Edges of each slice, so that layers meet in a step. */
  const edges = Array.from({ length: n }, (_, i) => [(z_cm[i] as number) - half, (z_cm[i] as number) + half]).flat();
  const solidAt = (k: number): number => 1 - (pores[Math.floor(k / 2)] as number);
  const waterAt = (k: number): number => solidAt(k) + row(Math.floor(k / 2));
  const area = (from: (k: number) => number, to: (k: number) => number): string => {
    const point = (share: (k: number) => number, k: number): string =>
      `${x(edges[k] as number, share(k)).toFixed(1)} ${y(edges[k] as number).toFixed(1)}`;
    const up = edges.map((_, k) => point(from, k));
    const down = edges.map((_, k) => point(to, k)).reverse();
    return `M${[...up, ...down].join('L')}Z`;
  };
  const steps = [setup.lower_cm ?? soil_cm, setup.top === undefined ? 0 : depth_cm - setup.top.deep_cm];
  return (
    <svg
      width={box.width + RULE}
      height={box.height + 8 + TOP}
      viewBox={`${String(-RULE)} ${String(-TOP)} ${String(box.width + RULE)} ${String(box.height + 8 + TOP)}`}
      className="block max-w-full"
      role="img"
      aria-label={`${label}: ${fixed(pot.air[at] as number, 2)} air among the roots, ${amount(pot.suction_cm[at] as number, 'cm', 0)} of suction, water by height.`}
    >
      {ruleMarks(depth_cm).map(({ cm, n: figure }) => (
        <g key={cm}>
          <path d={`M-8 ${String(y(cm))}H0`} stroke="var(--zinc-4)" />
          <text x="-12" y={y(cm) + 4} textAnchor="end" className={DRAWN.axis}>
            {figure}
          </text>
        </g>
      ))}
      <title>{`${label}, ${mySign('cm')} above the base`}</title>
      <path d={area(waterAt, () => 1)} fill="url(#air)" />
      <path d={area(solidAt, waterAt)} fill="url(#water)" stroke="var(--ink)" strokeWidth="1.1" />
      <path d={area(() => 0, solidAt)} fill="url(#solid)" stroke="var(--paper)" strokeWidth="1.2" />
      {steps.map(
        (cm, i) =>
          cm > 0 && (
            <path
              key={cm}
              d={`M${line((_z) => 0, [cm])}L${line((_z) => 1, [cm])}`}
              stroke="var(--ink)"
              strokeWidth={i === 0 && setup.netted === true ? 3 : 1.5}
              strokeDasharray={i === 0 && setup.netted === true ? '1.5 3' : '6 3'}
            />
          ),
      )}
      <path
        d={wall}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.4"
        strokeLinejoin="round"
        strokeDasharray={setup.clay === true ? '2 3' : undefined}
      />
    </svg>
  );
}
