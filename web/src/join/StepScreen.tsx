import type { GroupPage } from '@bent-pail/contract';
import { parseNumber, readingRefusal, timesOf } from '@bent-pail/core';
import { useState, type SyntheticEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../kit/Button';
import { Notice } from '../kit/Notice';
import { Sorry } from '../kit/Sorry';
import { CautionStrip } from '../shared/CautionStrip';
import { sentenceOf } from '../shared/api';
import { keepGroupReading } from '../shared/outbox/keep';
import { serverNow } from '../shared/serverClock';
import { StepPicture } from '../shared/StepPicture';
import { ClassChoices } from './ClassChoices';
import { FromDevice } from './FromDevice';
import { readingIn, type Cell, type SheetState } from './sheetState';
import { Running } from './Running';
import { Wait } from './Wait';

interface StepScreenProps {
  readonly page: GroupPage;
  readonly state: SheetState;
  readonly cell: Cell;
  /** Nothing was read yet on this sample. */
  readonly isFirst: boolean;
  readonly onCell: (cell: Cell) => void;
  readonly onDone: () => void;
}

/** One step on the whole screen: a picture, what to do, why, one large cell. */
export function StepScreen({ page, state, cell, isFirst, onCell, onDone }: StepScreenProps): ReactElement {
  const { step, repeat } = cell;
  const place = state.cells.findIndex((one) => one.repeat === repeat && one.step.key === step.key);
  const before = state.cells[place - 1];
  const [sorry, setSorry] = useState<string>();
  const keep = async (value: number): Promise<void> => {
    const refusal = readingRefusal({ label: page.title, steps: [step] }, { step: step.key, value });
    if (refusal !== undefined) {
      setSorry(refusal);
      return;
    }
    try {
      const takenAt = new Date(serverNow()).toISOString();
      await keepGroupReading(page.groupId, {
        id: uuidv7(),
        sampleId: state.sampleId,
        repeat,
        step: step.key,
        value,
        takenAt,
      });
      onDone();
    } catch (error) {
      setSorry(sentenceOf(error));
    }
  };
  const standing = readingIn(state, repeat, step.key);
  const doubts = state.sheet.doubts(
    timesOf(state.sheet, state.readings, page.repeats, page.pot?.volume_mL)[repeat] ?? {},
  );
  return (
    <>
      {isFirst && <CautionStrip caution="pupils" />}
      {step.caution !== undefined && <CautionStrip caution={step.caution} />}
      <section className="flex flex-1 flex-col gap-4 p-4" aria-labelledby="step">
        <p className="text-small text-ink2">
          {page.repeats > 1 && `Time ${String(repeat + 1)} of ${String(page.repeats)}, `}step{' '}
          {(place % (state.cells.length / page.repeats)) + 1} of {state.cells.length / page.repeats}
        </p>
        <div className="flex items-start gap-4">
          <StepPicture picture={step.picture} width={120} />
          <h2 id="step" className="text-title leading-tight">
            {step.label}
          </h2>
        </div>
        <p className="text-lead leading-snug">{step.say}</p>
        <p className="text-body text-ink2">{step.why}</p>
        {doubts.map(({ code, message }) => (
          <Notice key={code} role="status" className="p-3 text-body">
            {message}
          </Notice>
        ))}
        {before !== undefined && (
          <Running wait={before.step} began_s={readingIn(state, repeat, before.step.key)?.value} />
        )}
        {step.kind === 'time' ? (
          <Wait step={step} onStart={(at_s) => void keep(at_s)} />
        ) : step.classes !== undefined ? (
          <ClassChoices classes={step.classes} standing={standing?.value} onChoose={(value) => void keep(value)} />
        ) : (
          <Typed cell={cell} standing={standing?.value} onKeep={(value) => void keep(value)} onSorry={setSorry} />
        )}
        {sorry !== undefined && <Sorry>{sorry}</Sorry>}
      </section>
      {before !== undefined && (
        <p className="px-4 pb-2">
          <Button
            look="tie"
            onClick={() => {
              onCell(before);
            }}
          >
            Back to: {before.step.label}
          </Button>
        </p>
      )}
    </>
  );
}

interface TypedProps {
  readonly cell: Cell;
  readonly standing: number | undefined;
  readonly onKeep: (value: number) => void;
  readonly onSorry: (sentence: string | undefined) => void;
}

function Typed({ cell: { step }, standing, onKeep, onSorry }: TypedProps): ReactElement {
  const [text, setText] = useState('');
  const keep = (event: SyntheticEvent): void => {
    event.preventDefault();
    const read = parseNumber(text);
    if (read.kind === 'number') onKeep(read.value);
    else onSorry(`${step.label}: type a number${step.unit === '' ? '' : ` in ${step.unit}`}.`);
  };
  return (
    <form className="mt-auto flex flex-col gap-3" onSubmit={keep}>
      <FromDevice step={step} onValue={onKeep} />
      {standing !== undefined && (
        <p className="text-body">
          Now: <b className="figure">{standing}</b> {step.unit}. Another value takes its place.
        </p>
      )}
      <label className="flex items-baseline gap-3 border-2 border-ink bg-paper px-3">
        <span className="sr-only">{step.label}</span>
        <input
          className="figure min-h-20 w-full min-w-0 bg-paper text-cell outline-none"
          inputMode="decimal"
          autoComplete="off"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            onSorry(undefined);
          }}
        />
        <span className="text-lead">{step.kind === 'pH' ? 'pH' : step.unit}</span>
      </label>
      <Button type="submit" look="act" className="min-h-16" disabled={text.trim() === ''}>
        Keep it
      </Button>
    </form>
  );
}
