import type { ReactElement } from 'react';

interface Tier {
  readonly suffix: string;
  readonly cell: number;
  readonly stroke: number;
}

/** Tiny pails keep only the solid's hatch; water and air lose their marks before they turn to noise. */
const TINY: Tier = { suffix: '-t', cell: 3, stroke: 0.88 };
const TIERS: readonly Tier[] = [
  { suffix: '', cell: 6, stroke: 1.2 },
  { suffix: '-l', cell: 9, stroke: 1.5 },
];

function Solid({ suffix, cell, stroke }: Tier): ReactElement {
  return (
    <pattern
      id={`solid${suffix}`}
      width={cell}
      height={cell}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <rect width={cell} height={cell} fill="var(--solid)" />
      <rect width={cell} height={stroke * 1.15} fill="var(--solid-line)" />
    </pattern>
  );
}

function Unsplit({ suffix, cell, stroke }: Tier): ReactElement {
  const size = cell * 1.3;
  return (
    <pattern id={`unsplit${suffix}`} width={size} height={size} patternUnits="userSpaceOnUse">
      <rect width={size} height={size} fill="var(--unsplit)" />
      <path
        d={`M0 ${String(size)}L${String(size)} 0M0 ${String(size / 2)}H${String(size)}`}
        stroke="var(--unsplit-line)"
        strokeWidth={stroke * 0.72}
      />
    </pattern>
  );
}

function Marked(tier: Tier): ReactElement {
  const { suffix, cell, stroke } = tier;
  const wide = cell * 2.6;
  const dots = cell * 1.13;
  return (
    <>
      <Solid {...tier} />
      <Unsplit {...tier} />
      <pattern id={`water${suffix}`} width={wide} height={cell} patternUnits="userSpaceOnUse">
        <rect width={wide} height={cell} fill="var(--water)" />
        <path
          d={`M0 ${String(cell * 0.28)}h${String(wide * 0.65)}M${String(wide / 2)} ${String(cell * 0.78)}h${String(wide / 2)}M0 ${String(cell * 0.78)}h${String(wide * 0.15)}`}
          stroke="var(--water-line)"
          strokeWidth={stroke * 0.9}
        />
      </pattern>
      <pattern id={`air${suffix}`} width={dots} height={dots} patternUnits="userSpaceOnUse">
        <rect width={dots} height={dots} fill="var(--air)" />
        <circle cx={dots / 4} cy={dots / 4} r={stroke * 0.75} fill="var(--air-dot)" />
        <circle cx={dots * 0.75} cy={dots * 0.75} r={stroke * 0.75} fill="var(--air-dot)" />
      </pattern>
    </>
  );
}

/** Patterns of solid, water, air and the not yet parted, once for the whole page. */
export function Patterns(): ReactElement {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <Solid {...TINY} />
        <Unsplit {...TINY} />
        <pattern id="water-t" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--water)" />
        </pattern>
        <pattern id="air-t" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--air)" />
        </pattern>
        {TIERS.map((tier) => (
          <Marked key={tier.suffix} {...tier} />
        ))}
      </defs>
    </svg>
  );
}
