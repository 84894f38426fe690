import type { NewReading } from '@bent-pail/contract';
import type { Reading, Step } from '@bent-pail/core';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactElement } from 'react';
import { newReading } from './newReading';

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
    if (standing === undefined) onKeep(newReading(replicate, step.key, place));
    else if (reason.trim().length < 3) setSorry('Say why it is corrected; the old value stays beside it.');
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
        <input
          className="box mt-2 w-full text-left"
          aria-label="Reason for the correction"
          placeholder="why? the old value stays beside it"
          value={reason}
          onChange={(event) => {
            setReason(event.target.value);
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
            className={`class-choice ${standing?.value === place ? 'chosen' : ''}`}
            disabled={!mayWrite}
            onKeyDown={onKeyDown}
            onClick={() => {
              keep(place);
            }}
          >
            <kbd className="f">{place + 1}</kbd>
            <span>{name}</span>
          </button>
        ))}
      </div>
      {sorry !== undefined && (
        <p className="sorry mt-2 text-left" role="alert">
          {sorry}
        </p>
      )}
    </div>
  );
}
