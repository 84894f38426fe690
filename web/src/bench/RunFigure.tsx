import { property, type RunProperty } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Figure } from '../shared/Figure';

/** What a run came to in one property: its mean and spread, or its class in words; its working opens. */
export function RunFigure({
  one,
  className = '',
}: {
  readonly one: RunProperty;
  readonly className?: string;
}): ReactElement | null {
  const { label, digits, unit } = property(one.property);
  if (one.summary === undefined) return null;
  return (
    <Figure
      label={label}
      value={one.summary.mean}
      digits={digits}
      sd={one.summary.sd}
      unit={unit}
      origin="measured"
      working={one.working}
      words={one.words}
      className={className}
    />
  );
}
