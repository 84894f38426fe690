import type { ReactElement } from 'react';
import { decimalsOf } from '../../kit/format';
import { amount } from '../../shared/units/mine';

interface LabelPictureProps {
  readonly label_L: number;
  readonly poured_L: number | undefined;
}

const BAG = { width: 150, height: 190, top: 20 };

/** The bag as its label has it, and how far it was really filled. */
export function LabelPicture({ label_L, poured_L }: LabelPictureProps): ReactElement {
  const most = Math.max(label_L, poured_L ?? 0);
  const level = (volume: number): number => BAG.top + BAG.height * (1 - volume / most);
  return (
    <svg
      className="w-full max-w-[310px]"
      viewBox="0 0 300 226"
      role="img"
      aria-label={`Label ${amount(label_L, 'L', decimalsOf(label_L))}${poured_L === undefined ? ', not poured out' : `, poured out ${amount(poured_L, 'L', 1)}`}`}
    >
      {poured_L !== undefined && (
        <rect
          x={22}
          y={level(poured_L)}
          width={BAG.width}
          height={BAG.top + BAG.height - level(poured_L)}
          fill="var(--solid)"
          opacity={0.85}
        />
      )}
      <path
        d={`M22 ${String(BAG.top)} q 75 12 150 0 V ${String(BAG.top + BAG.height)} H 22 z`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={3}
        strokeLinejoin="round"
        strokeDasharray={poured_L === undefined ? '2 6' : undefined}
      />
      <line
        x1={14}
        x2={190}
        y1={level(label_L)}
        y2={level(label_L)}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray="7 4"
      />
      <text x={196} y={level(label_L) + 5} className="figure" fontSize={17} fill="var(--ink)">
        label {amount(label_L, 'L', decimalsOf(label_L))}
      </text>
      {poured_L !== undefined && (
        <>
          <line x1={22} x2={190} y1={level(poured_L)} y2={level(poured_L)} stroke="var(--ink)" strokeWidth={3} />
          <text
            x={196}
            y={Math.abs(level(poured_L) - level(label_L)) < 20 ? level(label_L) + 26 : level(poured_L) + 5}
            className="figure"
            fontSize={17}
            fontWeight={700}
            fill="var(--ink)"
          >
            {amount(poured_L, 'L', 1)}
          </text>
        </>
      )}
    </svg>
  );
}
