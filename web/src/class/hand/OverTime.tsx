import type { HandKind, HandTry } from '@bent-pail/contract';
import type { HandKindFace, HandRecord } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { counted, fixed } from '../../kit/format';
import { ruleAxis } from '../../shared/chart/axes';
import { Chart } from '../../shared/chart/Chart';
import type { Draw } from '../../shared/chart/options';

interface OverTimeProps {
  readonly kind: HandKind;
  readonly face: HandKindFace;
  readonly tries: readonly HandTry[];
  readonly record: HandRecord | undefined;
}

/** The next of 1, 2, 4 and so on with their tens, so that halves of it are round as well. */
function roundUp(value: number): number {
  const power = 10 ** Math.floor(Math.log10(value));
  return power * ([1, 2, 4, 10].find((part) => part * power >= value) ?? 10);
}

/** Estimate less measured, try by try: on the line is right, above it too high. */
const errorChart =
  (tries: readonly HandTry[], digits: number): Draw =>
  (ink) => {
    const errors = tries.map(({ value, measured }) => value - measured);
    const far = roundUp(Math.max(...errors.map(Math.abs), 10 ** -digits) * 1.05);
    return {
      grid: { left: 52, right: 12, top: 10, bottom: 26 },
      xAxis: ruleAxis(ink, {
        min: 0.5,
        max: tries.length + 0.5,
        interval: 1,
        format: (at) => (Number.isInteger(at) ? fixed(at, 0) : ''),
      }),
      yAxis: ruleAxis(ink, { min: -far, max: far, interval: far / 2, format: (value) => fixed(value, digits) }),
      series: [
        {
          type: 'line',
          symbolSize: 10,
          symbol: 'circle',
          lineStyle: { color: ink.ink, width: 1.5 },
          itemStyle: { color: ink.ink },
          data: errors.map((error, i) => [i + 1, error]),
          markLine: {
            silent: true,
            symbol: 'none',
            label: { formatter: 'measured', color: ink.waterInk, fontFamily: ink.text, position: 'insideEndTop' },
            lineStyle: { color: ink.waterInk, width: 2, type: 'solid' },
            data: [{ yAxis: 0 }],
          },
        },
      ],
    };
  };

export function OverTime({ face, tries, record }: OverTimeProps): ReactElement {
  const digits = Math.max(face.digits, face.classes === undefined ? 0 : 1);
  const options = useMemo(() => errorChart(tries, digits), [tries, digits]);
  const says = recordWords(face, record, digits);
  return (
    <div className="border-b border-zinc2 py-3">
      <Chart
        title={`${face.label}: how far off, ${face.classes === undefined ? face.unit : 'classes'}`}
        says={says}
        height={170}
        options={options}
      />
      <p className="text-body">{says}</p>
    </div>
  );
}

function recordWords({ unit, classes }: HandKindFace, record: HandRecord | undefined, digits: number): string {
  if (record === undefined) return '';
  const sign = classes !== undefined ? ' classes' : unit === '' ? '' : ` ${unit}`;
  const leans =
    Math.abs(record.lean) < record.off / 2
      ? 'leaning neither way'
      : record.lean > 0
        ? 'mostly too high'
        : 'mostly too low';
  const lately = record.lately === undefined ? '' : ` The last five: ${fixed(record.lately, digits)}${sign} off.`;
  const honest = record.honest === undefined ? '' : ` Margins held ${fixed(100 * record.honest, 0)} % of the time.`;
  return `${counted(record.n, 'try', 'tries')}, ${fixed(record.off, digits)}${sign} off on average, ${leans}.${lately}${honest}`;
}
