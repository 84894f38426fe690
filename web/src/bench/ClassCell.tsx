import type { NewReading } from '@bent-pail/contract';
import type { Reading, Step } from '@bent-pail/core';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactElement } from 'react';
import { newReading } from './newReading';
import { ReasonField, reasonRefusal } from './ReasonField';
import { Sorry } from '../kit/Sorry';

interface ClassCellProps {
  readonly step: Step;
  readonly classes: readonly string[];
  readonly replicate: number;
  /** The judgement that a new one would correct. */
  readonly standing: Reading | undefined;
  readonly mayWrite: boolean;
  readonly onKeep: (reading: NewReading) => void;
  readonly onMove: (key: string) => void;
}

/** A cell that is judged, not read: one button a class, its number on the keyboard. */
export function ClassCell({
  step,
  replicate,
  standing,
  mayWrite,
  onKeep,
  onMove,
  classes,
}: ClassCellProps): ReactElement {
  const first = useRef<HTMLButtonElement>(null);
  const [reason, setReason] = useState('');
  const [sorry, setSorry] = useState<string>();
  useEffect(() => {
    first.current?.focus({ preventScroll: true });
    first.current?.closest('tr')?.scrollIntoView({ block: 'nearest' });
  }, []);
  const keep = (place: number): void => {
    const missing = standing === undefined ? undefined : reasonRefusal(reason);
    if (standing === undefined) onKeep(newReading(replicate, step.key, place));
    else if (missing !== undefined) setSorry(missing);
    else onKeep({ ...newReading(replicate, step.key, place), corrects: standing.id, reason: reason.trim() });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    const place = Number(event.key) - 1;
    if (classes[place] !== undefined) {
      // The digit is a choice here; it must not also lead to another station.
      event.stopPropagation();
      event.preventDefault();
      keep(place);
    } else if (event.key.startsWith('Arrow')) {
      event.preventDefault();
      onMove(event.key);
    }
  };
  return (
    <div role="group" aria-label={step.label}>
      {standing !== undefined && (
        <ReasonField
          reason={reason}
          onReason={(next) => {
            setReason(next);
            setSorry(undefined);
          }}
        />
      )}
      <div className="mt-2 flex flex-col gap-1.5">
        {classes.map((name, place) => (
          <button
            key={name}
            ref={place === 0 ? first : undefined}
            type="button"
            data-class-choice={place}
            className={`flex min-h-11 items-center gap-2.5 border-2 border-ink px-2.5 py-1 text-left text-body leading-[1.15] font-semibold hover:bg-ink hover:text-paper focus-visible:bg-ink focus-visible:text-paper ${standing?.value === place ? 'bg-ink text-paper' : 'bg-paper'}`}
            disabled={!mayWrite}
            onKeyDown={onKeyDown}
            onClick={() => {
              keep(place);
            }}
          >
            <kbd className="figure text-small">{place + 1}</kbd>
            <span>{name}</span>
          </button>
        ))}
      </div>
      {sorry !== undefined && <Sorry className="mt-2 text-left">{sorry}</Sorry>}
    </div>
  );
}
