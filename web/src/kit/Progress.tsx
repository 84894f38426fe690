import { Progress as Primitive } from 'radix-ui';
import type { ReactElement } from 'react';
import { Button } from './Button';

interface ProgressProps {
  /** What goes on, as `Trying recipes`. */
  readonly label: string;
  /** 0 to 1; absent where nobody knows how far it is. */
  readonly share?: number;
  readonly onStop: () => void;
}

/** How far something has come that takes its time, and the way to stop it. */
export function Progress({ label, share, onStop }: ProgressProps): ReactElement {
  const percent = share === undefined ? undefined : Math.round(100 * share);
  return (
    <div className="flex min-w-64 flex-1 items-center gap-3 text-small">
      <span className="whitespace-nowrap">{label}</span>
      <Primitive.Root
        value={percent ?? null}
        aria-label={label}
        className="relative h-4 min-w-24 flex-1 overflow-hidden border-[1.5px] border-ink bg-paper"
      >
        <Primitive.Indicator
          className={`h-full bg-slab ${percent === undefined ? 'w-1/3 animate-pulse' : ''}`}
          style={percent === undefined ? undefined : { width: `${String(percent)}%` }}
        />
      </Primitive.Root>
      {percent !== undefined && <span className="figure w-12 text-right">{percent} %</span>}
      <Button look="low" onClick={onStop}>
        Stop
      </Button>
    </div>
  );
}
