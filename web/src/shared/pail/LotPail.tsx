import type { ReactElement } from 'react';
import type { PailFigures } from '@bent-pail/core';
import { PailMark, type PailState } from './PailMark';
import { shapeOf } from './pailGeometry';

/** Solid, water and air of a lot or blend, at a depth, in the ink that it deserves. */
export interface SmallPail {
  readonly solid: number;
  readonly water: number;
  readonly air: number;
  readonly height_cm: number;
  readonly kind: PailFigures['kind'] | 'predicted';
}

/** Ink of a pail by how it is known: what is measured in part is worked out for the rest. */
export const STATE: Readonly<Record<SmallPail['kind'], PailState>> = {
  measured: 'measured',
  predicted: 'predicted',
  partly: 'predicted',
  material: 'class',
  class: 'class',
};

interface LotPailProps {
  readonly pail: SmallPail | undefined;
  /** Height of the drawing in pixels, without the bail. */
  readonly size: number;
  readonly tier?: 'tiny' | 'medium' | 'large';
}

/** A lot's own pail wherever the lot is named; an empty dotted one until something is known. */
export function LotPail({ pail, size, tier = 'tiny' }: LotPailProps): ReactElement {
  const height_cm = pail?.height_cm ?? 12;
  const shape = shapeOf({ height_cm }, pail?.kind === 'predicted' ? 'pot' : 'vessel');
  const k = size / height_cm;
  if (pail === undefined) return <PailMark shape={shape} fill={{ kind: 'empty' }} state="class" tier={tier} k={k} />;
  const { solid, water, air } = pail;
  return (
    <PailMark shape={shape} fill={{ kind: 'parted', solid, water, air }} state={STATE[pail.kind]} tier={tier} k={k} />
  );
}
