import type { NewReading } from '@bent-pail/contract';
import { replicateName } from '@bent-pail/core';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { BOX } from '../kit/box';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { readMoment } from '../shared/readMoment';
import { serverNow } from '../shared/serverClock';
import { useSession } from '../shared/useSession';
import type { FilledProps } from './litCellProps';
import { newReading } from './newReading';
import { ReasonField, reasonKept, reasonRefusal } from './ReasonField';
import { TYPED_TIMES } from './typedTimes';

/** A time that is typed, by the clock on the wall of the notebook. */
export function TypedTime({ step, replicate, standing, onKeep, entry }: FilledProps): ReactElement {
  const { notebook } = useSession();
  const [text, setText] = useState(standing === undefined ? (TYPED_TIMES.get(step) ?? '') : '');
  const [sorry, setSorry] = useState<string>();
  const { reason, giveReason, isSlip } = entry;
  const input = useRef<HTMLInputElement>(null);
  // Whoever asks for the field types into it next.
  useEffect(() => {
    input.current?.focus();
    input.current?.select();
  }, []);
  const keep = (): void => {
    const at = readMoment(text, serverNow(), notebook.zone);
    const refusal =
      at === undefined
        ? 'Type when it began, as 8:15, yesterday 16:40 or 24 Nov 8:15; not later than now.'
        : standing === undefined || isSlip
          ? undefined
          : reasonRefusal(reason);
    if (at === undefined || refusal !== undefined) {
      setSorry(refusal);
      return;
    }
    if (standing === undefined) TYPED_TIMES.set(step, text);
    const reading: NewReading = newReading(replicate, step.key, at / 1000);
    onKeep(standing === undefined ? reading : { ...reading, corrects: standing.id, reason: reasonKept(reason) });
  };
  return (
    <span className="mt-2 block text-left">
      <input
        ref={input}
        className={`${BOX} figure w-full`}
        aria-label={`When it began, ${step.label}, ${replicateName(replicate)}`}
        placeholder="yesterday 8:15"
        autoComplete="off"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setSorry(undefined);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          // Else the same press would start the next one.
          event.preventDefault();
          keep();
        }}
      />
      {standing !== undefined && <ReasonField reason={reason} onReason={giveReason} onEnter={keep} needless={isSlip} />}
      {sorry !== undefined && (
        <Sorry quiet className="mt-2">
          {sorry}
        </Sorry>
      )}
      <Button look="alt" className="mt-2" onClick={keep}>
        {standing === undefined ? 'Keep the time' : 'Correct the time'}
      </Button>
    </span>
  );
}
