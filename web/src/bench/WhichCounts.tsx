import type { NewReading } from '@bent-pail/contract';
import type { Cell, Step } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useSession } from '../shared/useSession';
import { clockTime } from '../kit/format';
import { newReading } from './newReading';
import { shownReading } from './shownReading';
import { Button } from '../kit/Button';

interface WhichCountsProps {
  readonly step: Step;
  readonly replicate: number;
  readonly cell: Cell;
  readonly mayWrite: boolean;
  readonly onKeep: (reading: NewReading) => void;
}

/** Two people read one cell: both readings are kept, and one of them is chosen in sight. */
export function WhichCounts({ step, replicate, cell, mayWrite, onKeep }: WhichCountsProps): ReactElement {
  const { notebook } = useSession();
  return (
    <div
      className="mt-1.5 flex flex-col gap-1.5 bg-caution-wash p-2 text-left text-small"
      role="group"
      aria-label="Two readings: which counts?"
    >
      <b>Two readings: which counts?</b>
      {cell.standing.map((reading) => {
        const other = cell.standing.find((one) => one.id !== reading.id);
        const who = `${reading.by ?? 'typed here'}, ${clockTime(Date.parse(reading.takenAt), notebook.zone)}`;
        return (
          <Button
            key={reading.id}

            disabled={!mayWrite || other === undefined}
            onClick={() => {
              if (other === undefined) return;
              onKeep({
                ...newReading(replicate, step.key, reading.value),
                corrects: other.id,
                reason: `two readings in one cell; the one by ${who} counts`,
              });
            }}
          >
            <span className="figure">{shownReading(reading, step, notebook.zone)}</span> <small>{who}</small>
          </Button>
        );
      })}
    </div>
  );
}
