import type { Band, Range } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { windowScale } from './windowScale';

interface WindowBarProps {
  readonly value: number;
  readonly band: Band | undefined;
  readonly ideal: Range;
  readonly limits: Range;
  readonly says: string;
}

const WIDTH = 126;

/** A target window as brackets on zinc, tolerable limits as thin ends, the 5-95 % band with the value cut through. */
export function WindowBar({ value, band, ideal, limits, says }: WindowBarProps): ReactElement {
  const x = windowScale({ value, band, ideal, limits }, WIDTH);
  const [idealLo, idealHi] = [ideal[0] === null ? 0 : x(ideal[0]), ideal[1] === null ? WIDTH : x(ideal[1])];
  const [limitLo, limitHi] = [limits[0] === null ? 0 : x(limits[0]), limits[1] === null ? WIDTH : x(limits[1])];
  return (
    <svg
      width={WIDTH}
      height="22"
      viewBox={`0 0 ${String(WIDTH)} 22`}
      role="img"
      aria-label={says}
      className="block overflow-visible"
    >
      <path
        d={`M${String(limitLo)} 11H${String(limitHi)} M${String(limitLo)} 7V15 M${String(limitHi)} 7V15`}
        stroke="var(--zinc-4)"
      />
      <rect x={idealLo} y="2" width={Math.max(0, idealHi - idealLo)} height="18" fill="var(--zinc-2)" />
      {ideal[0] !== null && (
        <path
          d={`M${String(idealLo + 4)} 2H${String(idealLo)}V20H${String(idealLo + 4)}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      )}
      {ideal[1] !== null && (
        <path
          d={`M${String(idealHi - 4)} 2H${String(idealHi)}V20H${String(idealHi - 4)}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      )}
      {band !== undefined && (
        <rect x={x(band.p5)} y="8.5" width={Math.max(1, x(band.p95) - x(band.p5))} height="5" fill="var(--ink)" />
      )}
      <path d={`M${String(x(value))} 4V18`} stroke="var(--paper)" strokeWidth="4.5" />
      <path d={`M${String(x(value))} 4V18`} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
