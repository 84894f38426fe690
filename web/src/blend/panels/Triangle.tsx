import { property, type Target, type TrianglePoint } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { useSession } from '../../shared/useSession';
import { ofProperty, unitOf } from '../../shared/units/ofProperty';
import type { DeskView } from '../desk/deskView';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { SWEPT, type SweptKey } from './sweepChart';
import { cellsOf, inWindow, shadeOf, SIDE, TRIANGLE_HEIGHT } from './triangleCells';
import { Choice } from '../../kit/Choice';
import { Button } from '../../kit/Button';
import { DRAWN } from '../../kit/ink';

const STEPS = 14;

/** Three lines shared out in every way: shade by value, hatched where it lies in the use's window. */
export function Triangle({ view }: { readonly view: DeskView }): ReactElement | null {
  const { used, input, profile } = view;
  const [key, setKey] = useState<SweptKey>('air');
  const [start, setStart] = useState(0);
  const three = useMemo(
    () => [start, (start + 1) % used.length, (start + 2) % used.length] as const,
    [start, used.length],
  );
  const ask = useMemo(
    (): Question<TrianglePoint[]> | undefined =>
      used.length < 3 ? undefined : (thinker) => thinker.triangle(input, three, STEPS),
    [used.length, input, three],
  );
  const thought = useThought(ask);
  const points = thought.answer;
  if (used.length < 3)
    return <p className="text-ink2 mt-3 text-small">With three lots in the recipe they can be seen on a triangle.</p>;
  const target = profile?.targets.find((one) => one.property === key);
  return (
    <section aria-label="Triangle">
      <h2 className="flex flex-wrap items-baseline gap-3">
        Three on a triangle
        <Choice
          label="Figure on the triangle"
          look="unseen"
          className="font-normal"
          value={key}
          options={SWEPT.map((one) => ({ key: one, words: property(one).label }))}
          onChange={setKey}
        />
        {used.length > 3 && (
          <Button
            look="small"
            onClick={() => {
              setStart((start + 1) % used.length);
            }}
          >
            Three others
          </Button>
        )}
      </h2>
      {points === undefined ? (
        <Thinking thought={thought} />
      ) : (
        <TriangleDrawing
          points={points}
          name={key}
          target={target}
          corners={three.map((i) => used[i]?.lot.name ?? '')}
          here={three.map((i) => used[i]?.parts ?? 0)}
        />
      )}
    </section>
  );
}

interface DrawingProps {
  readonly points: readonly TrianglePoint[];
  readonly name: SweptKey;
  readonly target: Target | undefined;
  readonly corners: readonly string[];
  /** Parts of the three in the recipe. */
  readonly here: readonly number[];
}

function TriangleDrawing({ points, name, target, corners, here }: DrawingProps): ReactElement {
  const { notebook } = useSession();
  const cells = cellsOf(points, name, STEPS);
  if (cells.length === 0) return <p className="text-ink2 mt-2">Not known for all parts.</p>;
  const values = cells.map(({ value }) => value);
  const [lo, hi] = [Math.min(...values), Math.max(...values)];
  const { label, digits } = property(name);
  const places = Math.min(2, digits);
  const whole = here.reduce((sum, parts) => sum + parts, 0);
  const [a = 0, , c = 0] = here.map((parts) => parts / whole);
  const at = { x: 30 + SIDE * (1 - a - c / 2), y: 26 + TRIANGLE_HEIGHT * (1 - c) };
  const meets = target === undefined ? [] : cells.filter(({ value }) => inWindow(value, target.ideal));
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${String(SIDE + 60)} ${String(TRIANGLE_HEIGHT + 50)}`}
        className="mt-1 w-full max-w-[420px]"
        role="img"
        aria-label={`${label} on a triangle of ${corners.join(', ')}: ${ofProperty(name, lo, places)} to ${ofProperty(name, hi, places)}${target === undefined ? '' : `; ${String(Math.round((100 * meets.length) / cells.length))} % of it meets the window`}.`}
      >
        <g transform="translate(30 26)">
          {cells.map(({ shape, value }) => (
            <path
              key={shape}
              d={shape}
              fill="var(--slab)"
              fillOpacity={shadeOf(value, lo, hi)}
              stroke={target !== undefined && inWindow(value, target.ideal) ? 'var(--ink)' : 'none'}
              strokeWidth="0.7"
            />
          ))}
          <path
            d={`M0 ${String(TRIANGLE_HEIGHT)}H${String(SIDE)}L${String(SIDE / 2)} 0Z`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        </g>
        <circle cx={at.x} cy={at.y} r="6" fill="var(--paper)" stroke="var(--grip)" strokeWidth="3" />
        <text x={SIDE / 2 + 30} y="18" textAnchor="middle" className={DRAWN.note}>
          {corners[2]}
        </text>
        <text x="4" y={TRIANGLE_HEIGHT + 44} className={DRAWN.note}>
          {corners[0]}
        </text>
        <text x={SIDE + 56} y={TRIANGLE_HEIGHT + 44} textAnchor="end" className={DRAWN.note}>
          {corners[1]}
        </text>
      </svg>
      <figcaption className="text-ink2 text-small">
        {label}: light {ofProperty(name, lo, places)}, dark {ofProperty(name, hi, places)}{' '}
        {unitOf(name, notebook.currency).sign}
        {target === undefined ? '' : '; outlined meets the window'}; the ring is the recipe.
      </figcaption>
    </figure>
  );
}
