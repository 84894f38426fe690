import { SIGN_NAMES, TRIAL_SIGNS, type TrialSign } from '@bent-pail/core';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import type { DayCell } from './dayState';

interface StepsProps {
  readonly steps: readonly string[];
  readonly standing: number | undefined;
  readonly onSay: (value: number) => void;
}

/** The steps of a card, each a button with its number. */
export const Steps = ({ steps, standing, onSay }: StepsProps): ReactElement => (
  <div role="group" aria-label="Steps" className="grid grid-cols-3 gap-1.5 min-[560px]:grid-cols-6">
    {steps.map((words, i) => (
      <button
        key={words}
        type="button"
        aria-pressed={standing === i + 1}
        className="min-h-14 border-[1.5px] border-ink bg-paper px-2 text-left text-small leading-tight aria-pressed:bg-slab aria-pressed:text-inverse"
        onClick={() => {
          onSay(i + 1);
        }}
      >
        <b className="figure text-lead">{i + 1}</b> {words}
      </button>
    ))}
  </div>
);

interface SignsProps {
  readonly cell: DayCell;
  readonly onMove: (by: 1 | -1) => void;
  readonly onSay: (signs: TrialSign[]) => void;
}

/** What is seen today; what was seen the last time is ticked already. */
export function Signs({ cell, onSay, onMove }: SignsProps): ReactElement {
  const [seen, setSeen] = useState<readonly TrialSign[]>(cell.found?.signs ?? cell.before?.signs ?? []);
  const act = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    act.current?.focus({ preventScroll: true });
  }, []);
  return (
    <>
      <fieldset className="grid grid-cols-2 gap-x-4 min-[760px]:grid-cols-3">
        <legend className="sr-only">Seen today</legend>
        {TRIAL_SIGNS.map((sign) => (
          <Check
            key={sign}
            label={SIGN_NAMES[sign]}
            checked={seen.includes(sign)}
            onChange={(checked) => {
              setSeen(checked ? [...seen, sign] : seen.filter((one) => one !== sign));
            }}
          />
        ))}
      </fieldset>
      <span className="flex flex-wrap gap-3">
        <Button
          ref={act}
          look="act"
          className="min-w-44"
          onClick={() => {
            onSay([...seen]);
          }}
        >
          {seen.length === 0 ? 'Nothing seen' : 'Keep what is seen'}
        </Button>
        <Button
          className="min-h-12"
          onClick={() => {
            onMove(-1);
          }}
        >
          Back
        </Button>
        <Button
          className="min-h-12"
          onClick={() => {
            onMove(1);
          }}
        >
          Skip
        </Button>
      </span>
    </>
  );
}
