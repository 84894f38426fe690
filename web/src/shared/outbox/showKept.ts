import type { FilledPotPage, KeptReading, RunSheet } from '@bent-pail/contract';
import { askAgain, queryClient } from '../resources/client';
import { filledPotQuery, filledPotsKey } from '../resources/filledPots';
import { runQuery } from '../resources/runs';
import { todayKey } from '../resources/today';

/** A kept reading goes straight onto the sheet that is open, once. */
export function showKept(runId: string, kept: KeptReading): void {
  const { queryKey } = runQuery(runId);
  queryClient.setQueryData<RunSheet>(queryKey, (sheet) => {
    if (sheet === undefined || sheet.readings.some((reading) => reading.id === kept.id)) return sheet;
    return { ...sheet, readings: [...sheet.readings, kept] };
  });
  // An answer that is on its way may have been read before the reading was kept, and would take it off the sheet again.
  if (queryClient.isFetching({ queryKey }) > 0) void askAgain(queryKey);
}

/** A pot whose diary has a line more goes onto its page as it came; lists and Today ask again when they are looked at. */
export function showPot(page: FilledPotPage): void {
  const { queryKey } = filledPotQuery(page.id);
  queryClient.setQueryData<FilledPotPage>(queryKey, page);
  if (queryClient.isFetching({ queryKey }) > 0) void askAgain(queryKey);
  void queryClient.invalidateQueries({ queryKey: filledPotsKey, refetchType: 'none' });
  void queryClient.invalidateQueries({ queryKey: todayKey });
}
