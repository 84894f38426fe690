import type { TermPicture as Drawn } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { StepPicture } from '../StepPicture';

interface TermPictureProps {
  readonly picture: Drawn;
  readonly size: number;
}

/** Solid, water and air of a pail from its base up, the part that is meant in full ink. */
const PARTS = { solid: [0, 0.25], water: [0.25, 0.7], air: [0.7, 1] } as const;
const BASE_Y = 104;
const DEPTH = 84;

/** What a term looks like: the set-up that it is measured by, or its part of the pail. */
export function TermPicture({ picture, size }: TermPictureProps): ReactElement {
  if ('step' in picture) return <StepPicture picture={picture.step} width={size} />;
  return (
    <svg width={size} height={size} viewBox="0 0 120 120" aria-hidden>
      {(Object.keys(PARTS) as (keyof typeof PARTS)[]).map((part) => {
        const [from, to] = PARTS[part];
        return (
          <rect
            key={part}
            x={24}
            y={BASE_Y - DEPTH * to}
            width={72}
            height={DEPTH * (to - from)}
            fill={`url(#${part})`}
            opacity={picture.pail.includes(part) ? 1 : 0.15}
            stroke={picture.pail.includes(part) ? 'var(--ink)' : 'none'}
            strokeWidth={2}
          />
        );
      })}
      <path d="M22 20 L24 104 H96 L98 20" fill="none" stroke="var(--ink)" strokeWidth={3} />
    </svg>
  );
}
