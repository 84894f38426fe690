import type { SampledFrom } from '@bent-pail/core';
import type { ReactElement } from 'react';

/** Outlines in a field of 96 by 72. */
const OUTLINE: Readonly<Record<SampledFrom, string>> = {
  bag: 'M24 8h48l4 56H20z',
  heap: 'M4 64 C10 34 28 10 48 10 S86 34 92 64z',
  bin: 'M16 10h64v54H16z',
  pot: 'M22 12h52l-8 52H30z',
};

/** Left and right bounds at a height, so that no increment lies outside. */
const BOUNDS: Readonly<Record<SampledFrom, (t: number) => readonly [number, number]>> = {
  bag: () => [30, 66],
  heap: (t) => [37 - 21 * t, 59 + 21 * t],
  bin: () => [24, 72],
  pot: (t) => [30 + 4 * t, 66 - 4 * t],
};

const MOST_DRAWN = 12;

/** Places of the increments, from the top down, row by row: top, middle and bottom are all reached from three on. */
export function incrementPlaces(from: SampledFrom, increments: number): readonly (readonly [number, number])[] {
  const count = Math.min(MOST_DRAWN, Math.max(0, Math.round(increments)));
  const rows = Math.min(3, count);
  return Array.from({ length: count }, (_, i): readonly [number, number] => {
    const row = i % rows;
    const inRow = Math.ceil((count - row) / rows);
    const t = rows === 1 ? 0.1 : row / (rows - 1);
    const [left, right] = BOUNDS[from](t);
    const share = inRow === 1 ? 0.5 : Math.floor(i / rows) / (inRow - 1);
    return [left + share * (right - left), 20 + 36 * t];
  });
}

interface SamplePictureProps {
  readonly from: SampledFrom;
  readonly increments: number;
}

/** Where to dig: the increments spread over top, middle and bottom. */
export function SamplePicture({ from, increments }: SamplePictureProps): ReactElement {
  const places = incrementPlaces(from, increments);
  return (
    <svg
      className="h-14 w-[74px]"
      viewBox="0 0 96 72"
      role="img"
      aria-label={`${String(increments)} places in the ${from}`}
    >
      <path d={OUTLINE[from]} fill="var(--paper)" stroke="currentColor" strokeWidth="2.5" strokeLinejoin="round" />
      {places.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r="4" fill="currentColor" />
      ))}
    </svg>
  );
}
