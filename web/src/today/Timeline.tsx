import { inSentence } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { clockTime, duration } from '../kit/format';
import { letters, type BenchLine } from './jobs';
import { DRAWN } from '../kit/ink';

const ROW =
  'grid min-h-11 grid-cols-[270px_minmax(0,1fr)_150px] gap-x-5 max-[900px]:grid-cols-[190px_minmax(0,1fr)_112px] max-[900px]:gap-x-3 max-[560px]:grid-cols-[minmax(0,1fr)_auto]';

interface TimelineProps {
  readonly lines: readonly BenchLine[];
  readonly now: number;
  readonly zone: string;
}

/** Hours drawn behind and ahead of now. */
const HOURS = 12;
const WIDTH = 760;
const HOUR_MS = 3600000;
/** An hour nearer than this to the present would lie under its plate. */
const NOW_CLEARS = 56;

function xOf(at: number, now: number): number {
  const x = ((at - now) / (2 * HOURS * HOUR_MS) + 0.5) * WIDTH;
  return Math.max(0, Math.min(WIDTH, x));
}

/** What runs by itself, twelve hours back and twelve ahead: soaking as water, draining as dots. */
export function Timeline({ lines, now, zone }: TimelineProps): ReactElement {
  const first = Math.ceil((now - HOURS * HOUR_MS) / (3 * HOUR_MS)) * 3 * HOUR_MS;
  const ticks = Array.from({ length: 8 }, (_, i) => first + i * 3 * HOUR_MS);
  return (
    <section className="px-5 pt-2.5 pb-1" aria-label="On the bench">
      <div className={`${ROW} items-end`}>
        <h2>On the bench</h2>
        <svg
          viewBox={`0 0 ${String(WIDTH)} 34`}
          className="block w-full overflow-visible max-[560px]:hidden"
          aria-hidden="true"
        >
          {ticks.map((tick) => (
            <g key={tick}>
              <path d={`M${String(xOf(tick, now))} 22V34`} stroke="var(--zinc-4)" strokeWidth="1.5" />
              {Math.abs(xOf(tick, now) - WIDTH / 2) > NOW_CLEARS && (
                <text x={xOf(tick, now)} y="17" textAnchor="middle" className={DRAWN.axis}>
                  {clockTime(tick, zone)}
                </text>
              )}
            </g>
          ))}
          <path d={`M0 34H${String(WIDTH)}`} stroke="var(--ink)" strokeWidth="1.5" />
          <rect x={WIDTH / 2 - 32} y="0" width="64" height="24" fill="var(--slab)" />
          <text x={WIDTH / 2} y="17" textAnchor="middle" className="figure fill-inverse text-small">
            {clockTime(now, zone)}
          </text>
        </svg>
        <span />
      </div>
      <ol>
        {lines.map((line) => (
          <TimelineRow key={`${line.run.id}${letters(line.replicates)}`} line={line} now={now} zone={zone} />
        ))}
      </ol>
    </section>
  );
}

function TimelineRow({
  line,
  now,
  zone,
}: {
  readonly line: BenchLine;
  readonly now: number;
  readonly zone: string;
}): ReactElement {
  const { run, hold, replicates } = line;
  const left = hold === undefined ? undefined : hold.deadline - now;
  const over = left !== undefined && left <= 0;
  return (
    <li className={`${ROW} items-center border-b border-zinc2`}>
      <Link to={`/bench/runs/${run.id}`} className="no-underline">
        <b className="block text-head leading-tight">
          {run.lotName}, {run.lotCode}
        </b>
        <small>
          run {run.number}, {inSentence(run.protocolLabel)}
          {replicates.length > 0 ? `, ${letters(replicates)}` : ''}
        </small>
      </Link>
      <svg
        viewBox={`0 0 ${String(WIDTH)} 40`}
        className="block w-full overflow-visible max-[560px]:hidden"
        role="img"
        aria-label={
          hold === undefined ? 'nothing runs by itself' : `${hold.name} until ${clockTime(hold.deadline, zone)}`
        }
      >
        {hold !== undefined && <HoldBar hold={hold} now={now} />}
        <path d={`M${String(WIDTH / 2)} -6V46`} stroke="var(--ink)" strokeWidth="2.4" />
      </svg>
      <span className={`px-2 py-1 text-right leading-[1.15] ${over ? 'bg-slab text-inverse' : ''}`}>
        {left === undefined ? (
          <small>waits for a reading</small>
        ) : (
          <>
            <b className="figure block text-lead font-medium whitespace-nowrap max-[900px]:text-head">
              {over ? `${duration(left)} over` : duration(left)}
            </b>
            <small className={`block ${over ? 'text-inverse' : ''}`}>
              {over ? `${hold?.name ?? ''} done` : `until ${clockTime((hold as { deadline: number }).deadline, zone)}`}
            </small>
          </>
        )}
      </span>
    </li>
  );
}

function HoldBar({ hold, now }: { readonly hold: NonNullable<BenchLine['hold']>; readonly now: number }): ReactElement {
  const from = xOf(hold.startedAt, now);
  const to = xOf(hold.deadline, now);
  const width = Math.max(6, to - from);
  return (
    <>
      <rect
        x={from}
        y="9"
        width={width}
        height="22"
        fill={hold.name === 'soaking' ? 'url(#water)' : 'url(#air)'}
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      {width > 90 && (
        <text
          x={from + 8}
          y="25"
          className="fill-ink stroke-enamel stroke-[5px] text-small font-semibold [paint-order:stroke] [stroke-linejoin:round]"
        >
          {hold.name}
        </text>
      )}
    </>
  );
}
