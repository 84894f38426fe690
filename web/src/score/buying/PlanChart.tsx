import { meanOf, type TestPlanResult } from '@bent-pail/core';
import type { ReactElement } from 'react';

interface PlanChartProps {
  readonly plan: TestPlanResult;
  readonly values: readonly number[];
  readonly shown: (value: number) => string;
  /** A good delivery has the higher mean. */
  readonly isUp: boolean;
}

const SIZE = Object.freeze({ width: 560, height: 240, left: 70, right: 90, top: 14, bottom: 26 });

/** The mean of the bags as it goes, between where the delivery is taken and where it is sent back. */
export function PlanChart({ plan, values, shown, isUp }: PlanChartProps): ReactElement {
  const { width, height, left, right, top, bottom } = SIZE;
  const means = values.slice(0, plan.most).map((_, i) => meanOf(values.slice(0, i + 1)));
  // The first bounds are so wide that they would press all the rest flat.
  const bounds = plan.steps
    .slice(Math.min(1, plan.most - 1))
    .flatMap(({ takeAt = 0, sendBackAt = 0 }) => [takeAt, sendBackAt]);
  const all = [...bounds, ...means];
  const [lo, hi] = [Math.min(...all), Math.max(...all)];
  const room = 0.1 * (hi - lo || 1);
  const y = (value: number): number => {
    const held = Math.min(hi + room, Math.max(lo - room, value));
    return top + ((hi + room - held) / (hi - lo + 2 * room)) * (height - top - bottom);
  };
  const x = (bags: number): number => left + ((bags - 0.5) / plan.most) * (width - left - right);
  const line = (of: (step: TestPlanResult['steps'][number]) => number): string =>
    plan.steps.map((step, i) => `${i === 0 ? 'M' : 'L'}${String(x(step.bags))} ${String(y(of(step)))}`).join('');
  const take = line(({ takeAt = 0 }) => takeAt);
  const back = line(({ sendBackAt = 0 }) => sendBackAt);
  const edge = (isUpper: boolean): number => (isUpper ? top : height - bottom);
  const zone = (path: string, isUpper: boolean): string =>
    `${path}L${String(x(plan.most))} ${String(edge(isUpper))}L${String(x(1))} ${String(edge(isUpper))}Z`;
  const labels = plan.steps.length > 12 ? plan.steps.filter(({ bags }) => bags % 5 === 0 || bags === 1) : plan.steps;
  const last = means.at(-1);
  // One where all are alike.
  const marks = [...new Set([hi, (hi + lo) / 2, lo])];
  return (
    <svg
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      className="mt-3 block w-full max-w-[640px]"
      role="img"
      aria-label={`Means of ${String(means.length)} bags: ${means.map(shown).join(', ')}`}
    >
      <path d={zone(take, isUp)} fill="var(--zinc-2)" />
      <path d={zone(back, !isUp)} fill="var(--zinc-4)" />
      <path d={take} stroke="var(--ink)" strokeWidth={1.5} fill="none" />
      <path d={back} stroke="var(--ink)" strokeWidth={1.5} strokeDasharray="5 4" fill="none" />
      <text
        x={x(plan.most) + 10}
        y={y(plan.steps.at(-1)?.takeAt ?? 0) + (isUp ? -14 : 24)}
        fontSize={13}
        fontWeight={700}
        fill="var(--ink)"
      >
        take it
      </text>
      <text
        x={x(plan.most) + 10}
        y={y(plan.steps.at(-1)?.takeAt ?? 0) + (isUp ? 24 : -14)}
        fontSize={13}
        fontWeight={700}
        fill="var(--ink)"
      >
        send it back
      </text>
      {marks.map((value) => (
        <text
          key={value}
          x={left - 8}
          y={y(value) + 4}
          textAnchor="end"
          fontSize={12}
          className="figure"
          fill="var(--ink-2)"
        >
          {shown(value)}
        </text>
      ))}
      {labels.map(({ bags }) => (
        <text
          key={bags}
          x={x(bags)}
          y={height - 8}
          textAnchor="middle"
          fontSize={12}
          className="figure"
          fill="var(--ink-2)"
        >
          {bags}
        </text>
      ))}
      <path
        d={means.map((mean, i) => `${i === 0 ? 'M' : 'L'}${String(x(i + 1))} ${String(y(mean))}`).join('')}
        stroke="var(--ink)"
        strokeWidth={2}
        fill="none"
      />
      {means.map((mean, i) => (
        // The bags stand in the order in which they were tested.
        <circle key={`${String(i)} ${String(mean)}`} cx={x(i + 1)} cy={y(mean)} r={4.5} fill="var(--ink)" />
      ))}
      {last !== undefined && (
        <text x={x(means.length) + 8} y={y(last) - 8} fontSize={13} className="figure" fill="var(--ink)">
          {shown(last)}
        </text>
      )}
    </svg>
  );
}
