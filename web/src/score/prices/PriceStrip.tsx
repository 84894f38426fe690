import type { ReactElement } from 'react';

interface PriceStripProps {
  readonly value: number;
  readonly band: readonly [number, number];
  /** The dearest end of any band on the board. */
  readonly most: number;
  readonly isMeasured: boolean;
  readonly says: string;
}

const WIDTH = 180;
const HEIGHT = 26;
const END = 6;

/** A price on one rule with all others: a dot where the litres were poured out, a ring where only the label says so. */
export function PriceStrip({ value, band: [lo, hi], most, isMeasured, says }: PriceStripProps): ReactElement {
  const at = (price: number): number => END + (price / most) * (WIDTH - 2 * END);
  return (
    <svg
      className="block h-[26px] w-full min-w-28"
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      role="img"
      aria-label={says}
    >
      <path d={`M${String(END)} 13H${String(WIDTH - END)}`} stroke="var(--zinc-3)" />
      <rect x={at(lo)} y={9} width={Math.max(1.5, at(hi) - at(lo))} height={8} fill="var(--zinc-3)" />
      <circle
        cx={at(value)}
        cy={13}
        r={5}
        fill={isMeasured ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray={isMeasured ? undefined : '2 2'}
      />
    </svg>
  );
}
