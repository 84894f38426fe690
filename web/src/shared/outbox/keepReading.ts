import type { KeptReading, NewReading } from '@bent-pail/contract';
import { api } from '../api';
import { showKept } from './showKept';
import { outboxOf } from './store';

/**
 * Puts a reading into this browser's queue. A browser that keeps nothing (a private window, a full disk) has it sent
 * straight to the server instead. Throws where neither took it.
 */
export async function keepReading(userId: string, runId: string, reading: NewReading): Promise<void> {
  const isQueued = await outboxOf(userId)
    .entries.add({ runId, reading })
    .then(() => true)
    .catch(() => false);
  if (!isQueued) showKept(runId, await api.post<KeptReading>(`/runs/${runId}/readings`, reading));
}
