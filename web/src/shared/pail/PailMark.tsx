import { useId, type ReactElement } from 'react';
import { amount } from '../units/mine';
import { drawPail, type PailDrawing, type PailKind, type PailShape } from './pailGeometry';
import { decimalsOf, fixed } from '../../kit/format';

/** What the pail is filled with; `unsplit` is solid and water together, before drying parts them. */
export type PailFill =
  | { readonly kind: 'parted'; readonly solid: number; readonly water: number; readonly air: number }
  | { readonly kind: 'unsplit'; readonly air: number }
  | { readonly kind: 'empty' };

/** Solid ink is measured, dashes are worked out, dots are a class or nothing yet. */
export type PailState = 'measured' | 'predicted' | 'class';

interface PailMarkProps {
  readonly shape: PailShape;
  readonly fill: PailFill;
  readonly state: PailState;
  readonly tier: 'tiny' | 'medium' | 'large';
  /** Pixels to a centimetre, shared within one figure. */
  readonly k: number;
  /** The red grip of the sign at the door. */
  readonly sign?: boolean;
  readonly label?: string;
}

const WALL = { tiny: 1.4, medium: 1.8, large: 2.4 } as const;
const SUFFIX = { tiny: '-t', medium: '', large: '-l' } as const;

function dashes(state: PailState, wall: number): { strokeDasharray?: string; strokeLinecap?: 'round' } {
  if (state === 'predicted') return { strokeDasharray: `${String(2.4 * wall)} ${String(1.5 * wall)}` };
  if (state === 'class') return { strokeDasharray: `0.1 ${String(1.9 * wall)}`, strokeLinecap: 'round' };
  return {};
}

/** The fill from the base up, as parts of the depth. */
function layers(fill: PailFill): { readonly pattern: string; readonly from: number; readonly to: number }[] {
  switch (fill.kind) {
    case 'parted':
      return [
        { pattern: 'solid', from: 0, to: fill.solid },
        { pattern: 'water', from: fill.solid, to: fill.solid + fill.water },
        { pattern: 'air', from: fill.solid + fill.water, to: 1 },
      ];
    case 'unsplit':
      return [
        { pattern: 'unsplit', from: 0, to: 1 - fill.air },
        { pattern: 'air', from: 1 - fill.air, to: 1 },
      ];
    case 'empty':
      return [];
  }
}

const KIND_WORDS: Readonly<Record<PailKind, string>> = { vessel: 'vessel', pot: 'pot' };
const INK_WORDS: Readonly<Record<PailState, string>> = {
  measured: 'measured',
  class: 'class figure',
  predicted: 'predicted',
};

function altText({ fill, state, shape }: PailMarkProps): string {
  const where = `${amount(shape.height_cm, 'cm', decimalsOf(Math.round(shape.height_cm * 10) / 10))} ${KIND_WORDS[shape.kind]}`;
  const ink = INK_WORDS[state];
  if (fill.kind === 'empty') return `Empty pail, ${where}.`;
  if (fill.kind === 'unsplit')
    return `Pail: solid and water together ${fixed(1 - fill.air, 2)}, air ${fixed(fill.air, 2)}; ${where}; ${ink}.`;
  return `Pail: solid ${fixed(fill.solid, 2)}, water ${fixed(fill.water, 2)}, air ${fixed(fill.air, 2)}; ${where}; ${ink}.`;
}

/** Only water moves: a level settles. */
const MOVING =
  '[&_rect]:transition-[y,height] [&_rect]:duration-(--t-level) [&_rect]:ease-(--ease-settle) [&_.level]:transition-transform [&_.level]:duration-(--t-level) [&_.level]:ease-(--ease-settle)';

/** The pail mark: our sign, and data. Heights are the volume fractions, its height the container's. */
export function PailMark(props: PailMarkProps): ReactElement {
  const { shape, fill, state, tier, k, sign, label } = props;
  const id = useId();
  const drawing = drawPail(shape, k, tier === 'tiny');
  const wall = WALL[tier];
  const ink = {
    fill: 'none',
    stroke: 'var(--ink)',
    strokeWidth: wall,
    strokeLinejoin: 'round' as const,
    ...dashes(state, wall),
  };
  return (
    <svg
      className={`block shrink-0 overflow-visible ${MOVING}`}
      role="img"
      aria-label={label ?? altText(props)}
      width={drawing.width}
      height={drawing.height}
      viewBox={`0 0 ${String(drawing.width)} ${String(drawing.height)}`}
    >
      <clipPath id={id}>
        <path d={drawing.inside} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        {fill.kind === 'empty' && <path d={drawing.inside} fill="var(--paper)" />}
        <Layers drawing={drawing} fill={fill} tier={tier} />
      </g>
      <path d={drawing.wall} {...ink} />
      <path
        d={drawing.rim}
        {...ink}
        {...(shape.kind === 'vessel'
          ? { strokeWidth: 1.35 * wall, strokeLinecap: 'round' as const, strokeDasharray: 'none' }
          : {})}
      />
      {drawing.bail !== undefined && (
        <path d={drawing.bail} fill="none" stroke="var(--ink)" strokeWidth={tier === 'tiny' ? 1 : 0.6 * wall} />
      )}
      {sign === true && <path d={drawing.grip} stroke="var(--grip)" strokeWidth={3} strokeLinecap="round" />}
    </svg>
  );
}

function Layers({
  drawing,
  fill,
  tier,
}: {
  readonly drawing: PailDrawing;
  readonly fill: PailFill;
  readonly tier: PailMarkProps['tier'];
}): ReactElement {
  const parts = layers(fill);
  return (
    <>
      {parts.map(({ pattern, from, to }) => {
        const top = drawing.levelY(to);
        return (
          <rect
            key={pattern}
            x={0}
            width={drawing.width}
            y={top}
            height={Math.max(0, drawing.levelY(from) - top)}
            fill={`url(#${pattern}${SUFFIX[tier]})`}
          />
        );
      })}
      {parts.slice(1).map(({ pattern, from }) => {
        const across = `M0 0H${String(drawing.width)}`;
        return (
          <g key={pattern} className="level" transform={`translate(0 ${drawing.levelY(from).toFixed(2)})`}>
            <path d={across} stroke="var(--paper)" strokeWidth={tier === 'tiny' ? 1 : 2.6} />
            {tier !== 'tiny' && <path d={across} stroke="var(--ink)" strokeWidth={1} />}
          </g>
        );
      })}
    </>
  );
}
