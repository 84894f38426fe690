import type { NewReading } from '@bent-pail/contract';
import { replicateName, type Reading, type Step } from '@bent-pail/core';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { BOX } from '../kit/box';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { amount, mySign, readTyped } from '../shared/units/mine';
import { newReading } from './newReading';
import type { LiveRun } from './useRunSheet';

interface Soaking {
  readonly replicate: number;
  /** The step whose water is topped up, and what went in so far. */
  readonly step: Step;
  readonly sofar: Reading;
}

/** Replicates that soak now and whose added water is counted. */
export function soakingNow({
  sheet,
  cells,
  progress,
}: Pick<LiveRun, 'sheet' | 'cells' | 'progress'>): readonly Soaking[] {
  const soak = sheet.protocol.steps.find(({ topsUp }) => topsUp !== undefined);
  const step = sheet.protocol.steps.find(({ key }) => key === soak?.topsUp);
  if (soak === undefined || step === undefined) return [];
  return progress.holds
    .filter(({ name }) => name === soak.hold?.name)
    .flatMap(({ replicate }) => {
      const sofar = cells.cell(replicate, step.key).standing[0];
      return sofar === undefined ? [] : [{ replicate, step, sofar }];
    });
}

interface TopUpProps {
  readonly run: LiveRun;
  readonly onKeep: (reading: NewReading) => void;
}

/** Water poured after it while it soaks: added to what went in before, with the amount as the reason. */
export function TopUp({ run, onKeep }: TopUpProps): ReactElement | null {
  const soaking = soakingNow(run);
  const [open, setOpen] = useState<number>();
  const [text, setText] = useState('');
  const [sorry, setSorry] = useState<string>();
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // Whoever asks for the field types into it next.
    if (open !== undefined) field.current?.focus();
  }, [open]);
  const one = soaking.find(({ replicate }) => replicate === open);
  if (soaking.length === 0) return null;
  const add = ({ replicate, step, sofar }: Soaking): void => {
    const typed = readTyped(text, step.unit).number;
    if (typed.kind !== 'number' || !(typed.value > 0)) {
      setSorry('Type how much you poured after it, as 30.');
      return;
    }
    onKeep({
      ...newReading(replicate, step.key, Number((sofar.value + typed.value).toPrecision(12))),
      corrects: sofar.id,
      reason: `topped up by ${amount(typed.value, step.unit, 0)}`,
    });
    setText('');
    setOpen(undefined);
    setSorry(undefined);
  };
  return (
    <div className="flex flex-wrap items-center gap-x-4 text-small">
      <span>Topped up?</span>
      {soaking.map(({ replicate, sofar, step }) => (
        <Button
          key={replicate}
          look="small"
          onClick={() => {
            setOpen(replicate);
          }}
        >
          {replicateName(replicate)}, {amount(sofar.value, step.unit, 0)} so far
        </Button>
      ))}
      {one !== undefined && (
        <form
          className="flex items-center gap-2"
          aria-label={`Top up ${replicateName(one.replicate)}`}
          onSubmit={(event) => {
            event.preventDefault();
            add(one);
          }}
        >
          <label className="flex min-h-11 items-center gap-2">
            {replicateName(one.replicate)}, poured after it
            <input
              ref={field}
              className={`${BOX} figure w-20`}
              inputMode="decimal"
              value={text}
              onChange={(event) => {
                setText(event.target.value);
              }}
            />
            {mySign(one.step.unit)}
          </label>
          <Button type="submit" look="alt">
            Add it
          </Button>
        </form>
      )}
      {sorry !== undefined && <Sorry quiet>{sorry}</Sorry>}
    </div>
  );
}
