import type { KeptReading, RunSheet } from '@bent-pail/contract';
import { queryClient } from '../resources/client';
import { runQuery } from '../resources/runs';

/** A kept reading goes straight onto the sheet that is open, once. */
export function showKept(runId: string, kept: KeptReading): void {
  queryClient.setQueryData<RunSheet>(runQuery(runId).queryKey, (sheet) => {
    if (sheet === undefined || sheet.readings.some((reading) => reading.id === kept.id)) return sheet;
    return { ...sheet, readings: [...sheet.readings, kept] };
  });
}
