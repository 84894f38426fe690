import type { RubricCriterion } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { RateScale } from './RateScale';

interface MarkFieldsProps {
  readonly criterion: RubricCriterion;
  readonly value: number | undefined;
  readonly onValue: (value: number) => void;
  readonly children?: ReactElement | undefined;
}

/** The scale of one criterion, its word, and half a point up or down; what else is asked stands below. */
export function MarkFields({ criterion, value, onValue, children }: MarkFieldsProps): ReactElement {
  return (
    <div className="grid flex-1 grid-cols-[184px_minmax(0,1fr)]">
      <RateScale criterion={criterion} value={value} onValue={onValue} />
      <div className="border-l border-zinc3 px-3.5 py-3">
        <h2>{criterion.label}</h2>
        <p className="text-ink2 text-small">{criterion.plain}</p>
        <div className="figure text-room leading-none font-medium tracking-[-0.05em]">
          {value === undefined ? '–' : fixed(value, 1)}
        </div>
        <p className="min-h-6 text-head font-semibold">
          {value === undefined ? 'slide the mark' : wordAt(criterion, value)}
        </p>
        <span className="mt-2 flex h-[46px] border-[1.5px] border-ink">
          <button
            type="button"
            className="figure w-1/2 bg-zinc1 text-lead"
            aria-label="− ½: half a point less"
            onClick={() => {
              onValue(Math.max(0, (value ?? 5) - 0.5));
            }}
          >
            − ½
          </button>
          <button
            type="button"
            className="figure w-1/2 border-l-[1.5px] border-ink bg-zinc1 text-lead"
            aria-label="+ ½: half a point more"
            onClick={() => {
              onValue(Math.min(10, (value ?? 5) + 0.5));
            }}
          >
            + ½
          </button>
        </span>
        {children}
      </div>
    </div>
  );
}

function wordAt(criterion: RubricCriterion, value: number): string {
  const words = criterion.words ?? [];
  const nearest = [...words].sort((a, b) => Math.abs(a.at - value) - Math.abs(b.at - value))[0];
  return nearest?.word ?? '';
}
