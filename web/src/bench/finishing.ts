import type { RunSheet } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { undoable } from '../kit/toasts';
import { api } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { lotsKey } from '../shared/resources/lots';
import { runListsKey, runQuery } from '../shared/resources/runs';
import { todayKey } from '../shared/resources/today';

/** Whether readings are still taken on a sheet. */
export const isOpen = ({ finishedAt, archivedAt }: Pick<RunSheet, 'finishedAt' | 'archivedAt'>): boolean =>
  finishedAt === undefined && archivedAt === undefined;

/** A run that was finished, put away or opened again changes its sheet, its lot's card and every list. */
export async function tookRun(next: RunSheet): Promise<void> {
  queryClient.setQueryData(runQuery(next.id).queryKey, next);
  await queryClient.invalidateQueries({ queryKey: lotsKey });
  await queryClient.invalidateQueries({ queryKey: todayKey });
  await queryClient.invalidateQueries({ queryKey: runListsKey });
}

/** Offers to open a run again that was finished just now; that it was, and was not meant, is kept. */
export function undoFinish({ id, number }: RunSheet, onTrouble: (error: unknown) => void): void {
  const again = { id: uuidv7(), reason: 'finished by mistake' };
  undoable(`Run ${String(number)} is finished.`, () => {
    api.post<RunSheet>(`/runs/${id}/reopen`, again).then(tookRun).catch(onTrouble);
  });
}
