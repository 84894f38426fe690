import type { Step } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { serverNow } from '../shared/serverClock';

interface WaitProps {
  readonly step: Step;
  /** Seconds since 1970 at which it began. */
  readonly onStart: (at_s: number) => void;
}

/** Starts what then takes its time; the next step says how long it has run. */
export function Wait({ step, onStart }: WaitProps): ReactElement {
  const minutes = step.hold !== undefined && 'minutes' in step.hold ? step.hold.minutes : undefined;
  return (
    <Button
      look="act"
      className="mt-auto min-h-16"
      onClick={() => {
        onStart(Math.round(serverNow() / 1000));
      }}
    >
      Start{minutes === undefined ? '' : `: ${String(minutes)} min`}
    </Button>
  );
}
