import { useEffect, useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { secondsSince, useWatches } from './watches';

interface StopwatchProps {
  /** What is timed: all that is timed from one pouring has one watch. */
  readonly of: string;
  /** Takes the seconds that have passed. */
  readonly onTime: (seconds: number) => void;
}

const SHOWN_EVERY_MS = 200;

/** A watch for what is timed in seconds: started at the pouring, it fills the cell at a press, and runs on. */
export function Stopwatch({ of: key, onTime }: StopwatchProps): ReactElement {
  const startedAt = useWatches((state) => state.startedAt[key]);
  const start = useWatches((state) => state.start);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === undefined) return;
    const timer = setInterval(() => {
      setNow(Date.now());
    }, SHOWN_EVERY_MS);
    return () => {
      clearInterval(timer);
    };
  }, [startedAt]);
  const begin = (): void => {
    start(key, Date.now());
    setNow(Date.now());
  };
  if (startedAt === undefined)
    return (
      <Button className="mt-2 w-full" onClick={begin}>
        Start the watch
      </Button>
    );
  return (
    <span className="mt-2 flex flex-wrap items-center justify-between gap-2 text-small">
      <span className="figure text-lead" role="timer" aria-label="The watch">
        {fixed(Math.max(0, secondsSince(startedAt, now)), 1)} s
      </span>
      <Button
        look="slab"
        onClick={() => {
          onTime(secondsSince(startedAt, Date.now()));
        }}
      >
        Now
      </Button>
      <Button look="small" onClick={begin}>
        start anew
      </Button>
    </span>
  );
}
