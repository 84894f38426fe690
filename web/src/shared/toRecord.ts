import type { RunSheet } from '@bent-pail/contract';
import type { Reading, RunRecord } from '@bent-pail/core';

/** A sheet as the core reduces it, with readings that still wait in this browser counted as typed. */
export function toRecord(sheet: RunSheet, typed: readonly Reading[]): RunRecord {
  const kept = new Set(sheet.readings.map((reading) => reading.id));
  return {
    id: sheet.id,
    number: sheet.number,
    protocol: sheet.protocol,
    settings: sheet.settings,
    ...(sheet.sample === undefined ? {} : { sample: sheet.sample }),
    replicateCount: sheet.replicateCount,
    // JSON has no undefined: an unmeasured vessel comes as null.
    vessels: sheet.vessels.map((vessel) => vessel ?? undefined),
    readings: [...sheet.readings, ...typed.filter((reading) => !kept.has(reading.id))],
    exclusions: sheet.exclusions,
    ...(sheet.finishedAt === undefined ? {} : { finishedAt: sheet.finishedAt }),
    ...(sheet.lot.classId === undefined ? {} : { materialClass: sheet.lot.classId }),
  };
}
