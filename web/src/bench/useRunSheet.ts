import type { NewReading, RunSheet } from '@bent-pail/contract';
import {
  KIND_OF_STEP,
  reduceRun,
  runProgress,
  Sheet,
  stampOf,
  type CalibrationStamp,
  type RunProgress,
  type RunRecord,
  type RunResult,
} from '@bent-pail/core';
import { useMemo } from 'react';
import type { WaitingReading } from '../shared/outbox/useOutbox';
import { toRecord } from '../shared/toRecord';

/** A sheet as the person sees it: what the server keeps, and what still waits in this browser. */
export interface LiveRun {
  readonly sheet: RunSheet;
  readonly record: RunRecord;
  readonly cells: Sheet;
  readonly result: RunResult;
  readonly progress: RunProgress;
  readonly waiting: readonly WaitingReading[];
  readonly waitingIds: ReadonlySet<string>;
}

/** The stamp that a waiting reading will have once it is kept, so that the page does not say “missing” meanwhile. */
function stampAhead(sheet: RunSheet, { step, takenAt }: NewReading): { readonly stamp?: CalibrationStamp } {
  const kind = sheet.protocol.steps.find((one) => one.key === step)?.kind;
  const instrument = sheet.instruments.find((one) => kind !== undefined && one.kind === KIND_OF_STEP[kind]);
  if (instrument === undefined) return {};
  const [calibration] = instrument.calibrations;
  return { stamp: stampOf({ instrument, calibration, takenAt, readings: instrument.readings + 1 }) };
}

export function useLiveRun(sheet: RunSheet, waiting: readonly WaitingReading[]): LiveRun {
  return useMemo(() => {
    const record = toRecord(
      sheet,
      waiting.map(({ reading }) => ({ ...reading, ...stampAhead(sheet, reading) })),
    );
    return {
      sheet,
      record,
      cells: new Sheet(record.readings),
      result: reduceRun(record),
      progress: runProgress(record),
      waiting,
      waitingIds: new Set(waiting.map((entry) => entry.reading.id)),
    };
  }, [sheet, waiting]);
}
