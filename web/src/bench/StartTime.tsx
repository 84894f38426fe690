import type { NewReading } from '@bent-pail/contract';
import { replicateName, type Step } from '@bent-pail/core';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { BOX } from '../kit/box';
import { Button } from '../kit/Button';
import { clockTime } from '../kit/format';
import { Sorry } from '../kit/Sorry';
import { readMoment } from '../shared/readMoment';
import { serverNow } from '../shared/serverClock';
import { useSession } from '../shared/useSession';
import type { FilledProps } from './litCellProps';
import { newReading } from './newReading';
import { ReasonField, reasonKept, reasonRefusal } from './ReasonField';

/** Times that were typed last, by the step of their sheet: the next replicate of the same paper began at it, or near it. */
const TYPED = new WeakMap<Step, string>();

/** When something began: one press as it does, or the time from the paper; corrected by another time. */
export function StartTime(props: FilledProps): ReactElement {
  const { step, replicate, standing, mayWrite, onKeep, onMove } = props;
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!TYPED.has(step)) button.current?.focus();
  }, [step]);
  if (standing !== undefined) return <Began {...props} standing={standing} />;
  return (
    <>
      <Button
        ref={button}
        look="act"
        className="mt-6 w-full"
        disabled={!mayWrite}
        onClick={() => {
          TYPED.delete(step);
          onKeep(newReading(replicate, step.key, Math.round(serverNow()) / 1000));
        }}
        onKeyDown={(event) => {
          if (event.key.startsWith('Arrow')) onMove(event.key);
        }}
      >
        Start {step.hold?.name}
      </Button>
      <OrTyped {...props} words="It began earlier" />
    </>
  );
}

function Began(props: FilledProps & { readonly standing: NonNullable<FilledProps['standing']> }): ReactElement {
  const { standing } = props;
  const { notebook } = useSession();
  return (
    <div className="mt-3 text-left text-small">
      <p>
        Running since <span className="figure">{clockTime(standing.value * 1000, notebook.zone)}</span>. A timer is a
        deadline; it needs no watching.
      </p>
      <OrTyped {...props} words="It began at another time" />
    </div>
  );
}

/** The way to a time of one's own; open at once where the replicate before had one: who copies a paper has all of them. */
function OrTyped({ words, ...props }: FilledProps & { readonly words: string }): ReactElement {
  const [isTyping, setTyping] = useState(props.standing === undefined && TYPED.has(props.step));
  if (isTyping) return <TypedTime {...props} />;
  return (
    <Button
      look="small"
      disabled={!props.mayWrite}
      onClick={() => {
        setTyping(true);
      }}
    >
      {words}
    </Button>
  );
}

/** A time that is typed, by the clock on the wall of the notebook. */
function TypedTime({ step, replicate, standing, onKeep, entry }: FilledProps): ReactElement {
  const { notebook } = useSession();
  const [text, setText] = useState(standing === undefined ? (TYPED.get(step) ?? '') : '');
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
    if (standing === undefined) TYPED.set(step, text);
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
