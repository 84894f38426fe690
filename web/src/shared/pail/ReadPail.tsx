import type { ReactElement, ReactNode } from 'react';
import { ruleMarks } from '../units/ruleMarks';
import { mySign } from '../units/mine';
import { PailMark, type PailFill, type PailState } from './PailMark';
import { drawPail, type PailShape } from './pailGeometry';
import { DRAWN } from '../../kit/ink';
import { PART_WORDS, type PailPart } from './partWords';

/** One part of the pail with what is written beside it. */
export interface PailReading {
  readonly part: PailPart;
  readonly figure: ReactNode;
}

interface ReadPailProps {
  readonly shape: PailShape;
  readonly fill: Extract<PailFill, { kind: 'parted' }>;
  readonly state: PailState;
  readonly k: number;
  readonly readings: readonly PailReading[];
}

/** Least distance between two readings, so that thin layers do not print over each other. */
const READING_GAP = 50;

const INK = { air: '', water: 'text-waterink', solid: 'text-solidink' } as const;

/** Heights of the readings: each at the middle of its layer, pushed apart from the top down, then back from the foot. */
function spreadOut(middles: readonly number[], foot: number): number[] {
  const down = middles.reduce<number[]>(
    (placed, y, i) => [...placed, i === 0 ? y : Math.max(y, (placed[i - 1] as number) + READING_GAP)],
    [],
  );
  return down.reduceRight<number[]>(
    (placed, y) => [Math.min(y, placed[0] === undefined ? foot : placed[0] - READING_GAP), ...placed],
    [],
  );
}

/** The pail large, with a rule in cm at its left and its parts read off at its right. */
export function ReadPail({ shape, fill, state, k, readings }: ReadPailProps): ReactElement {
  const drawing = drawPail(shape, k, false);
  const edges = [1, fill.solid + fill.water, fill.solid, 0];
  const middles = readings.map(
    (_, i) => (drawing.levelY(edges[i] as number) + drawing.levelY(edges[i + 1] as number)) / 2,
  );
  const tops = spreadOut(middles, drawing.height - 22);
  return (
    <div className="flex items-start">
      <Rule height_cm={shape.height_cm} drawing={drawing} />
      <PailMark shape={shape} fill={fill} state={state} tier="large" k={k} />
      <div className="relative ml-3 min-w-[96px] flex-1" style={{ height: drawing.height }}>
        {readings.map(({ part, figure }, i) => (
          <div key={part} className="absolute left-0 -translate-y-1/2 leading-none" style={{ top: tops[i] }}>
            <span className={`block text-small font-semibold ${INK[part]}`}>{PART_WORDS[part]}</span>
            {figure}
          </div>
        ))}
      </div>
    </div>
  );
}

/** A rule beside the pail, in whole ones of the unit that is read. */
function Rule({
  height_cm,
  drawing,
}: {
  readonly height_cm: number;
  readonly drawing: ReturnType<typeof drawPail>;
}): ReactElement {
  const marks = ruleMarks(height_cm);
  const y = (cm: number): number => drawing.levelY(cm / height_cm);
  return (
    <svg width="46" height={drawing.height} aria-hidden="true" className="flex-none overflow-visible">
      <path d={`M42 ${String(y(height_cm))}V${String(y(0))}`} stroke="var(--zinc-4)" />
      {marks.map(({ cm, n }, i) => (
        <g key={cm}>
          <path d={`M36 ${String(y(cm))}H42`} stroke="var(--zinc-4)" />
          <text x="33" y={y(cm) + 4} textAnchor="end" className={DRAWN.axis}>
            {i === marks.length - 1 ? `${String(n)} ${mySign('cm')}` : n}
          </text>
        </g>
      ))}
    </svg>
  );
}
