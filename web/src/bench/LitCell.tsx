import type { NewReading } from '@bent-pail/contract';
import {
  parseNumber,
  readingRefusal,
  replicateName,
  type Cell,
  type Protocol,
  type Reading,
  type Step,
} from '@bent-pail/core';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactElement } from 'react';
import { fixed } from '../kit/format';
import { serverNow } from '../shared/serverClock';
import { ClassCell } from './ClassCell';
import { draftKey, useDrafts } from './draftStore';
import { InMillivolts } from './InMillivolts';
import { useMillivolts } from './millivolts';
import { newReading } from './newReading';
import { ReasonField, reasonRefusal } from './ReasonField';
import { WhichCounts } from './WhichCounts';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';

interface LitCellProps {
  readonly runId: string;
  readonly protocol: Protocol;
  readonly step: Step;
  readonly replicate: number;
  /** What was read for it so far. */
  readonly cell: Cell;
  readonly mayWrite: boolean;
  /** The pen in use shows mV and has a calibration: a pH may be typed in mV. */
  readonly takesMv: boolean;
  readonly onKeep: (reading: NewReading) => void;
  readonly onSkip: () => void;
  readonly onMove: (key: string) => void;
}

/** What stands in the way of keeping what was typed. */
type Doubt =
  | { readonly kind: 'sentence'; readonly sentence: string }
  | { readonly kind: 'ask'; readonly choices: readonly number[] };

/** The cell to fill: the widest, tallest, the only white one. Enter keeps and goes on. */
export function LitCell(props: LitCellProps): ReactElement {
  const { runId, step, replicate, cell } = props;
  const [standing, other] = cell.standing;
  const who = `${step.label}, ${replicateName(replicate)}`;
  return (
    <div className="lit-cell" data-lit={`${String(replicate)}:${step.key}`}>
      <span className="who">{standing === undefined ? who : `Correct ${who}`}</span>
      {standing !== undefined && other !== undefined && <WhichCounts {...props} />}
      {step.kind === 'time' ? (
        <StartTime {...props} standing={standing} />
      ) : step.classes !== undefined ? (
        <ClassCell key={draftKey(runId, replicate, step.key)} {...props} standing={standing} classes={step.classes} />
      ) : (
        <TypedCell key={draftKey(runId, replicate, step.key)} {...props} standing={standing} />
      )}
    </div>
  );
}

interface FilledProps extends LitCellProps {
  /** The reading that a new one would correct. */
  readonly standing: Reading | undefined;
}

function StartTime({ step, replicate, standing, mayWrite, onKeep, onMove }: FilledProps): ReactElement {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    button.current?.focus();
  }, []);
  if (standing !== undefined) {
    return (
      <p className="mt-6 text-left text-small">
        Running since it was started. A timer is a deadline; it needs no watching.
      </p>
    );
  }
  return (
    <Button
      ref={button}

      look="act"
      className="mt-6 w-full"
      disabled={!mayWrite}
      onClick={() => {
        onKeep(newReading(replicate, step.key, Math.round(serverNow()) / 1000));
      }}
      onKeyDown={(event) => {
        if (event.key.startsWith('Arrow')) onMove(event.key);
      }}
    >
      Start {step.hold?.name}
    </Button>
  );
}

function TypedCell({
  runId,
  protocol,
  step,
  replicate,
  standing,
  mayWrite,
  takesMv,
  onKeep,
  onSkip,
  onMove,
}: FilledProps): ReactElement {
  const mv = useMillivolts();
  const mayBeMv = takesMv && step.kind === 'pH';
  const inMv = mayBeMv && mv.on;
  const key = draftKey(runId, replicate, step.key);
  const text = useDrafts((state) => state.texts[key] ?? '');
  const type = useDrafts((state) => state.type);
  const [reason, setReason] = useState('');
  const [doubt, setDoubt] = useState<Doubt>();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    input.current?.closest('tr')?.scrollIntoView({ block: 'nearest' });
  }, []);

  const keepValue = (value: number): void => {
    const temp = inMv ? parseNumber(mv.temp) : undefined;
    if (temp !== undefined && temp.kind !== 'number') {
      setDoubt({ kind: 'sentence', sentence: 'Type the temperature of the extract in °C, as 20.5.' });
      return;
    }
    const asMv = temp === undefined ? {} : { mVTemp_C: temp.value };
    const refusal = readingRefusal(protocol, { step: step.key, value, ...asMv });
    if (refusal !== undefined) {
      setDoubt({ kind: 'sentence', sentence: refusal });
      return;
    }
    if (standing === undefined) {
      onKeep({ ...newReading(replicate, step.key, value), ...asMv });
    } else {
      const missing = reasonRefusal(reason);
      if (missing !== undefined) {
        setDoubt({ kind: 'sentence', sentence: missing });
        return;
      }
      onKeep({ ...newReading(replicate, step.key, value), ...asMv, corrects: standing.id, reason: reason.trim() });
    }
    type(key, '');
  };
  const keep = (): void => {
    if (text.trim() === '' && step.optional === true && standing === undefined) {
      onSkip();
      return;
    }
    const typed = parseNumber(text);
    if (typed.kind === 'number') keepValue(typed.value);
    else if (typed.kind === 'ask') setDoubt({ kind: 'ask', choices: [typed.asDecimal, typed.asThousands] });
    else setDoubt({ kind: 'sentence', sentence: typed.sentence });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter') {
      event.preventDefault();
      keep();
    } else if (event.key === 'Escape') {
      event.currentTarget.blur();
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown' || (event.key.startsWith('Arrow') && text === '')) {
      event.preventDefault();
      onMove(event.key);
    }
  };
  const name = `${step.label}, ${replicateName(replicate)}`;
  return (
    <>
      <span className="big">
        <input
          ref={input}
          className="figure"
          aria-label={name}
          aria-describedby="cell-doubt"
          inputMode="decimal"
          autoComplete="off"
          disabled={!mayWrite}
          placeholder={standing === undefined ? '' : fixed(standing.value, 1)}
          value={text}
          onChange={(event) => {
            type(key, event.target.value);
            setDoubt(undefined);
          }}
          onKeyDown={onKeyDown}
        />
        <span className="u">{inMv ? 'mV' : step.unit}</span>
      </span>
      {mayBeMv && mayWrite && <InMillivolts />}
      {standing !== undefined && (
        <ReasonField
          reason={reason}
          onReason={(next) => {
            setReason(next);
            setDoubt(undefined);
          }}
          onEnter={keep}
        />
      )}
      <div id="cell-doubt" aria-live="polite">
        {doubt?.kind === 'sentence' && (
          <Sorry quiet className="mt-2 text-left">
            {doubt.sentence}
          </Sorry>
        )}
        {doubt?.kind === 'ask' && (
          <div className="mt-2 flex items-center justify-between gap-2 text-left text-small">
            Which is meant?
            {doubt.choices.map((choice) => (
              <Button
                key={choice}

                className="f"
                onClick={() => {
                  keepValue(choice);
                }}
              >
                {fixed(choice, Number.isInteger(choice) ? 0 : 3)}
              </Button>
            ))}
          </div>
        )}
      </div>
      <span className="mt-2 flex items-center justify-end gap-4">
        {step.optional === true && standing === undefined && text === '' && (
          <span className="text-ink2 text-small">may stay empty</span>
        )}
        <Button look="act" className="keep" disabled={!mayWrite} onClick={keep}>
          {standing === undefined ? 'Keep' : 'Correct'}{' '}
          <kbd className="figure rounded-sm border px-1 text-note">Enter</kbd>
        </Button>
      </span>
    </>
  );
}
