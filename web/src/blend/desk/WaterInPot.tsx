import type { DeskResult } from '@bent-pail/core';
import { StandingSlider as Slider } from '../../kit/Slider';
import { useMemo, useState, type ReactElement } from 'react';
import { ruleMarks } from '../../shared/units/ruleMarks';
import { amount, mySign } from '../../shared/units/mine';
import { shapeOf } from '../../shared/pail/pailGeometry';
import type { Pot } from '../../shared/pot/pots';
import { drawProfile, sliceAir, thetaAtHeight, wetFoot_cm, type ProfileDrawing } from './potProfile';
import { DRAWN } from '../../kit/ink';
import { fixed } from '../../kit/format';

/** Words over a drawing stand on a rim of paper. */
const HALO = '[paint-order:stroke] stroke-paper stroke-[4px] [stroke-linejoin:round]';

interface WaterInPotProps {
  readonly result: DeskResult;
  readonly pot: Pot;
}

const BOX = Object.freeze({ width: 262, height: 296 });

/** Room around the pot: figures at the left, the mark at the right, the unit above. */
const ROOM = Object.freeze({ left: 34, right: 40, top: 22, bottom: 4 });

/** Height of the mark in pixels: its slider reaches half of it beyond the pot so that the point meets its line. */
const MARK = 24;

const SLICES = [
  { words: 'top third', from: 2 / 3, to: 1 },
  { words: 'middle', from: 1 / 3, to: 2 / 3 },
  { words: 'lowest third', from: 0, to: 1 / 3 },
] as const;

/** Where the water sits: water by height in the pot's own shape, beside what the plain average says. */
export function WaterInPot({ result, pot }: WaterInPotProps): ReactElement {
  const height_cm = pot.shape.height_cm;
  const drawing = useMemo(() => drawProfile(result, shapeOf(pot.shape, 'pot'), BOX), [result, pot.shape]);
  const [part, setPart] = useState(0.6);
  const z = part * height_cm;
  const foot = wetFoot_cm(result);
  const slices = SLICES.map(({ words, from, to }) => ({ words, air: sliceAir(result, from, to) }));
  return (
    <section aria-label="Where the water sits">
      <h2 className="flex items-baseline justify-between">
        Where the water sits <small>dotted: plain average</small>
      </h2>
      <div
        className="relative mt-2 flex max-w-full max-[359px]:overflow-x-auto"
        style={{ width: BOX.width + ROOM.left + ROOM.right }}
      >
        <Slider.Root
          className="absolute right-0 z-1 w-[30px] touch-none"
          orientation="vertical"
          min={0}
          max={100}
          step={1}
          value={[100 * part]}
          onValueChange={([value]) => {
            setPart((value ?? 0) / 100);
          }}
          style={{
            top: ROOM.top + drawing.y(height_cm) - MARK / 2,
            height: drawing.y(0) - drawing.y(height_cm) + MARK,
          }}
        >
          <Slider.Track className="absolute inset-0" />
          <Slider.Thumb
            className="block size-6 cursor-ns-resize bg-slab [clip-path:polygon(100%_15%,45%_15%,0_50%,45%_85%,100%_85%)]"
            aria-label="Height above the base"
            aria-valuetext={amount(z, 'cm', 1)}
          />
        </Slider.Root>
        <Drawing
          drawing={drawing}
          result={result}
          height_cm={height_cm}
          z_cm={z}
          foot_cm={foot}
          says={slices.map(({ words, air }) => `${words} ${fixed(air, 2)} air`).join(', ')}
        />
      </div>
      <p className="text-ink2 mt-1 text-small">
        {foot === 0
          ? 'No height of this pot has less than 0.10 air.'
          : `Below the wet foot, ${amount(foot, 'cm', 1)}, there is less than 0.10 air.`}{' '}
        These are draining values: a mat, or weak watering of a dry pot, leaves less.
      </p>
      <dl className="mt-2 flex border-t-[1.5px] text-small">
        {slices.map(({ words, air }) => (
          <div key={words} className="flex-1 border-r border-zinc3 py-1 pl-3 first:pl-0 last:border-r-0">
            <dt className="text-ink2">{words}</dt>
            <dd>
              <span className="figure text-head font-medium">{fixed(air, 2)}</span>{' '}
              <span className="text-ink2">air</span>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

interface DrawingProps {
  readonly drawing: ProfileDrawing;
  readonly result: DeskResult;
  readonly height_cm: number;
  readonly z_cm: number;
  readonly foot_cm: number;
  readonly says: string;
}

function Drawing({ drawing, result, height_cm, z_cm, foot_cm, says }: DrawingProps): ReactElement {
  const { x, y } = drawing;
  const solid = 1 - result.result.totalPorosity;
  const theta = thetaAtHeight(result.profile, z_cm);
  const parts = [
    { words: 'solid', from: 0, share: solid },
    { words: 'water', from: solid, share: theta },
    { words: 'air', from: solid + theta, share: 1 - solid - theta },
  ];
  return (
    <svg
      width={drawing.width + ROOM.left + ROOM.right}
      height={drawing.height + ROOM.top + ROOM.bottom}
      viewBox={`${String(-ROOM.left)} ${String(-ROOM.top)} ${String(drawing.width + ROOM.left + ROOM.right)} ${String(drawing.height + ROOM.top + ROOM.bottom)}`}
      className="block"
      role="img"
      aria-label={`Water by height in the pot: ${says}.`}
    >
      <text x="-34" y="-11" className={DRAWN.axis}>
        {mySign('cm')} above base
      </text>
      {ruleMarks(height_cm).map(({ cm, n }) => (
        <g key={cm}>
          <path d={`M-8 ${String(y(cm))}H0`} stroke="var(--zinc-4)" />
          <text x="-12" y={y(cm) + 4} textAnchor="end" className={DRAWN.axis}>
            {n}
          </text>
        </g>
      ))}
      <path d={drawing.air} fill="url(#air)" />
      <path d={drawing.water} fill="url(#water)" stroke="var(--ink)" strokeWidth="1.3" />
      <path d={drawing.solid} fill="url(#solid)" stroke="var(--paper)" strokeWidth="1.2" />
      <path
        d={drawing.plain}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeDasharray="0.1 4"
        strokeLinecap="round"
      />
      {foot_cm > 0 && (
        <>
          <path
            d={`M${String(x(foot_cm, 0) - 10)} ${String(y(foot_cm))}H${String(drawing.width + 4)}`}
            stroke="var(--zinc-4)"
            strokeDasharray="6 4"
          />
          <text x={drawing.width + ROOM.right} y={y(foot_cm) - 5} textAnchor="end" className={`${DRAWN.note} ${HALO}`}>
            wet foot
          </text>
        </>
      )}
      <path d={drawing.wall} fill="none" stroke="var(--ink)" strokeWidth="2.4" strokeLinejoin="round" />
      <path d={`M-2 ${String(y(z_cm))}H${String(drawing.width)}`} stroke="var(--ink)" strokeWidth="1.5" />
      {parts
        .filter(({ share }) => share > 0.04)
        .map(({ words, from, share }) => (
          <g
            key={words}
            transform={`translate(${String(x(z_cm, from + share / 2))} ${String(Math.max(y(z_cm), 32))})`}
            textAnchor="middle"
          >
            <text y="-22" className={`${DRAWN.note} ${HALO}`}>
              {words}
            </text>
            <text y="-6" className={`${DRAWN.name} ${HALO} figure`}>
              {fixed(share, 2)}
            </text>
          </g>
        ))}
    </svg>
  );
}
