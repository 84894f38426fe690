import type { RunSheet } from '@bent-pail/contract';
import { reduceRun, runProgress, Sheet, type RunProgress, type RunRecord, type RunResult } from '@bent-pail/core';
import { useMemo } from 'react';
import type { Waiting } from '../shared/outbox/useOutbox';
import { toRecord } from '../shared/toRecord';

/** A sheet as the person sees it: what the server keeps, and what still waits in this browser. */
export interface LiveRun {
  readonly sheet: RunSheet;
  readonly record: RunRecord;
  readonly cells: Sheet;
  readonly result: RunResult;
  readonly progress: RunProgress;
  readonly waiting: readonly Waiting[];
  readonly waitingIds: ReadonlySet<string>;
}

export function useLiveRun(sheet: RunSheet, waiting: readonly Waiting[]): LiveRun {
  return useMemo(() => {
    const record = toRecord(
      sheet,
      waiting.map((entry) => entry.reading),
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
