import { replicateName, type Step } from '@bent-pail/core';
import { useEffect, useRef, type KeyboardEvent, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { amount, inMine, mySign, understood, told } from '../shared/units/mine';
import { ClassCell } from './ClassCell';
import { InMillivolts } from './InMillivolts';
import type { FilledProps, LitCellProps } from './litCellProps';
import { readBlock } from './readBlock';
import { StartTime } from './StartTime';
import { readingAlone } from './shownReading';
import { Stopwatch } from '../shared/watch/Stopwatch';
import { ReasonField } from './ReasonField';
import type { CellEntry } from './useCellEntry';
import { WhichCounts } from './WhichCounts';

/** The cell to fill: the widest, tallest, the only white one. Enter keeps and goes on. */
export function LitCell(props: LitCellProps): ReactElement {
  const { step, replicate, cell } = props;
  const key = `${String(replicate)}:${step.key}`;
  const [standing, other] = cell.standing;
  const who = `${told(step.label)}, ${replicateName(replicate)}`;
  return (
    <div data-lit={key}>
      <span data-who className="block text-small leading-[1.15] font-semibold text-ink2">
        {standing === undefined ? who : `Correct ${who}`}
      </span>
      {standing !== undefined && other !== undefined && <WhichCounts {...props} />}
      {step.kind === 'time' ? (
        <StartTime key={key} {...props} standing={standing} />
      ) : step.classes !== undefined ? (
        <ClassCell key={key} {...props} standing={standing} classes={step.classes} />
      ) : (
        <TypedCell key={key} {...props} standing={standing} />
      )}
    </div>
  );
}

function TypedCell({
  step,
  replicate,
  standing,
  mayWrite,
  waits = false,
  entry,
  onMove,
  onPaste,
}: FilledProps): ReactElement {
  const { id = '' } = useParams();
  const { text, type, inMv, mayBeMv, takesMv, reason, giveReason, keep } = entry;
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (waits) return;
    input.current?.focus({ preventScroll: true });
    input.current?.closest('tr')?.scrollIntoView({ block: 'nearest' });
  }, [waits]);
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
      <span className="mt-1.5 flex items-baseline justify-end">
        <input
          ref={input}
          className="figure w-full min-w-0 bg-transparent p-0 text-right text-cell leading-[1.05] font-medium tracking-[-0.045em] caret-(--grip) outline-0 placeholder:opacity-70"
          aria-label={name}
          aria-describedby="cell-doubt"
          inputMode="decimal"
          autoComplete="off"
          disabled={!mayWrite}
          placeholder={standing === undefined ? '' : readingAlone(standing.value, step)}
          value={text}
          onChange={(event) => {
            type(event.target.value);
          }}
          onKeyDown={onKeyDown}
          onPaste={(event) => {
            const block = readBlock(event.clipboardData.getData('text/plain'));
            if (block === undefined || onPaste === undefined) return;
            event.preventDefault();
            onPaste(block);
          }}
        />
        <span className="figure ml-2 text-lead leading-none font-medium">{inMv ? 'mV' : mySign(step.unit)}</span>
      </span>
      {mayBeMv && mayWrite && <InMillivolts takesMv={takesMv} onEnter={keep} />}
      {entry.offered !== undefined && mayWrite && (
        <Button
          look="small"
          className="mt-1.5 w-full text-left"
          onClick={() => {
            if (entry.offered !== undefined) entry.keepValue(entry.offered.value);
          }}
        >
          <b className="figure">{amount(entry.offered.value, step.unit, 1)}</b> {entry.offered.from}
        </Button>
      )}
      {step.kind === 'seconds' && mayWrite && (
        <Stopwatch
          of={`${id}:${String(replicate)}`}
          onTime={(seconds) => {
            type(String(seconds));
          }}
        />
      )}
      {standing !== undefined && (
        <ReasonField reason={reason} onReason={giveReason} onEnter={keep} needless={entry.isSlip} />
      )}
      {understood(text, step.unit) !== undefined && (
        <span className="figure text-small text-ink2" role="status">
          {understood(text, step.unit)}
        </span>
      )}
      <CellDoubt entry={entry} step={step} />
      <span className="mt-2 flex items-center justify-end gap-4">
        {step.optional === true && standing === undefined && text === '' && (
          <span className="text-ink2 text-small">may stay empty</span>
        )}
        <Button look="act" className="max-[900px]:hidden" disabled={!mayWrite} onClick={keep}>
          {standing === undefined ? 'Keep' : 'Correct'}{' '}
          <kbd className="figure rounded-sm border px-1 text-note">Enter</kbd>
        </Button>
      </span>
    </>
  );
}

/** What stands in the way of keeping what was typed; where it could mean two numbers, both are offered. */
function CellDoubt({
  entry: { doubt, keepValue },
  step,
}: {
  readonly entry: CellEntry;
  readonly step: Step;
}): ReactElement {
  return (
    <div id="cell-doubt" aria-live="polite">
      {doubt?.kind === 'sentence' && (
        <Sorry quiet className="mt-2 text-left">
          {doubt.sentence}
        </Sorry>
      )}
      {doubt?.kind === 'contradiction' && (
        <Sorry quiet className="mt-2 text-left">
          {told(doubt.sentence)} <b>Enter again keeps it all the same.</b>
        </Sorry>
      )}
      {doubt?.kind === 'ask' && (
        <div className="mt-2 flex items-center justify-between gap-2 text-left text-small">
          Which is meant?
          {doubt.choices.map((choice) => (
            <Button
              key={choice}
              className="figure"
              onClick={() => {
                keepValue(choice);
              }}
            >
              {inMine(choice, step.unit, Number.isInteger(choice) ? 0 : 3)}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
