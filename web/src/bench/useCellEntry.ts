import type { NewReading } from '@bent-pail/contract';
import { parseNumber, readingRefusal, type Protocol, type Reading, type Step } from '@bent-pail/core';
import { useState } from 'react';
import { useServerNow } from '../shared/serverClock';
import { readTyped } from '../shared/units/mine';
import { draftKey, useDrafts } from './draftStore';
import { useMillivolts } from './millivolts';
import { newReading } from './newReading';
import type { Offered } from './offered';
import { reasonKept, reasonRefusal } from './ReasonField';

interface CellEntryOptions {
  readonly runId: string;
  readonly protocol: Protocol;
  /** The step of the lit cell; none is lit in a full sheet. */
  readonly step: Step | undefined;
  readonly replicate: number;
  /** What a new reading would correct. */
  readonly standing: Reading | undefined;
  /** The pen in use shows mV and has a calibration: a pH may be typed in mV. */
  readonly takesMv: boolean;
  /** What is known of the cell already. */
  readonly offered: Offered | undefined;
  /** Why a reading cannot be true beside the others; undefined where it can. */
  readonly contradicts: (reading: NewReading) => string | undefined;
  readonly onKeep: (reading: NewReading) => void;
  readonly onSkip: () => void;
}

/** What stands in the way of keeping what was typed. */
export type Doubt =
  | { readonly kind: 'sentence'; readonly sentence: string }
  /** It cannot be true beside the others; said once, it is kept all the same where it is typed again. */
  | { readonly kind: 'contradiction'; readonly sentence: string; readonly value: number }
  | { readonly kind: 'ask'; readonly choices: readonly number[] };

/** What is typed into the lit cell, by the keyboard, by the keypad under the sheet, and how it is kept. */
export interface CellEntry {
  readonly text: string;
  readonly type: (text: string) => void;
  /** What is known of the cell already; one press takes it. */
  readonly offered: Offered | undefined;
  /** What stands was typed just now: to correct it needs no reason. */
  readonly isSlip: boolean;
  readonly reason: string;
  readonly giveReason: (reason: string) => void;
  readonly doubt: Doubt | undefined;
  readonly mayBeMv: boolean;
  /** The pen in use shows mV and has a calibration. */
  readonly takesMv: boolean;
  readonly inMv: boolean;
  /** Reads what is typed and keeps it, or says what stands in the way. */
  readonly keep: () => void;
  /** Keeps the number that was meant. */
  readonly keepValue: (value: number) => void;
}

/** A reading this fresh was a slip of the finger, where it is typed again. */
const FRESH_MS = 60000;

/** Whether a reading was kept so shortly ago that to type it again is to mend a slip. */
function useSlip(standing: Reading | undefined): boolean {
  const now = useServerNow(FRESH_MS / 12);
  return standing !== undefined && now - Date.parse(standing.takenAt) < FRESH_MS;
}

interface Aside {
  readonly cell: string;
  readonly reason: string;
  readonly doubt?: Doubt;
}

/** The one way of typing into a lit cell; whoever shows a part of it takes it from here. */
export function useCellEntry({
  runId,
  protocol,
  step,
  replicate,
  standing,
  takesMv,
  offered,
  contradicts,
  onKeep,
  onSkip,
}: CellEntryOptions): CellEntry {
  const isSlip = useSlip(standing);
  const mv = useMillivolts();
  const mayBeMv = step?.kind === 'pH';
  const inMv = mayBeMv && takesMv && mv.on;
  const cell = draftKey(runId, replicate, step?.key ?? '');
  const text = useDrafts((state) => state.texts[cell] ?? '');
  const type = useDrafts((state) => state.type);
  const [kept, setAside] = useState<Aside>({ cell, reason: '' });
  // A reason and a doubt belong to their cell.
  const aside: Aside = kept.cell === cell ? kept : { cell, reason: '' };
  const say = (sentence: string): void => {
    setAside({ ...aside, doubt: { kind: 'sentence', sentence } });
  };

  const keepValue = (value: number): void => {
    if (step === undefined) return;
    const temp = inMv ? parseNumber(mv.temp) : undefined;
    if (temp !== undefined && temp.kind !== 'number') {
      say('Say how warm the extract is, in °C, as 20.5: the same mV is another pH in a colder one.');
      return;
    }
    const asMv = temp === undefined ? {} : { mVTemp_C: temp.value };
    const missing = standing === undefined || isSlip ? undefined : reasonRefusal(aside.reason);
    const refusal = readingRefusal(protocol, { step: step.key, value, ...asMv }) ?? missing;
    if (refusal !== undefined) {
      say(refusal);
      return;
    }
    const reading: NewReading = { ...newReading(replicate, step.key, value), ...asMv };
    const kept =
      standing === undefined ? reading : { ...reading, corrects: standing.id, reason: reasonKept(aside.reason) };
    const sentence = contradicts(kept);
    const { doubt } = aside;
    const isInsisted = doubt?.kind === 'contradiction' && doubt.value === value;
    if (sentence !== undefined && !isInsisted) {
      setAside({ ...aside, doubt: { kind: 'contradiction', sentence, value } });
      return;
    }
    onKeep(kept);
    setAside({ cell, reason: '' });
    type(cell, '');
  };
  return {
    text,
    type: (next) => {
      type(cell, next);
      setAside({ cell, reason: aside.reason });
    },
    offered: text === '' && !inMv ? offered : undefined,
    isSlip,
    reason: aside.reason,
    giveReason: (reason) => {
      setAside({ cell, reason });
    },
    doubt: aside.doubt,
    mayBeMv,
    takesMv,
    inMv,
    keep: () => {
      if (text.trim() === '' && step?.optional === true && standing === undefined) {
        onSkip();
        return;
      }
      const typed = readTyped(text, inMv ? 'mV' : (step?.unit ?? '')).number;
      if (typed.kind === 'number') keepValue(typed.value);
      else if (typed.kind === 'ask')
        setAside({ ...aside, doubt: { kind: 'ask', choices: [typed.asDecimal, typed.asThousands] } });
      else say(typed.sentence);
    },
    keepValue,
  };
}
