import type { Step } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { duration } from '../kit/format';
import { useServerNow } from '../shared/serverClock';

interface RunningProps {
  /** The step before, where it is one that waits. */
  readonly wait: Step;
  /** When it began, seconds since 1970. */
  readonly began_s: number | undefined;
}

/** How long a wait still has to run before this step is read. */
export function Running({ wait, began_s }: RunningProps): ReactElement | null {
  if (wait.kind !== 'time' || began_s === undefined || wait.hold === undefined || !('minutes' in wait.hold))
    return null;
  return <Left name={wait.hold.name} until={1000 * began_s + 60_000 * wait.hold.minutes} />;
}

function Left({ name, until }: { readonly name: string; readonly until: number }): ReactElement {
  const left = until - useServerNow(1000);
  return (
    <p className="flex items-baseline gap-3 border-y-[1.5px] border-ink py-2 text-lead" role="timer">
      <span className="figure text-title font-medium">{duration(left)}</span>
      {left > 0 ? `left of ${name}` : `${name} is long enough`}
    </p>
  );
}
