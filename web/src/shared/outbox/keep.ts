import type {
  FilledPotPage,
  GroupPage,
  KeptReading,
  NewGroupReading,
  NewGuess,
  NewPotEntry,
  NewReading,
} from '@bent-pail/contract';
import { showGroup } from '../resources/group';
import { api } from '../api';
import { showKept, showPot } from './showKept';
import { outboxOf, type OutboxEntry } from './store';

/** Sends one to where it is kept, and shows it there. */
export async function sendToServer(entry: OutboxEntry): Promise<void> {
  if ('reading' in entry)
    showKept(entry.runId, await api.post<KeptReading>(`/runs/${entry.runId}/readings`, entry.reading));
  else if ('line' in entry) showPot(await api.post<FilledPotPage>(`/pots/${entry.potId}/diary`, entry.line));
  else if ('guess' in entry) showGroup(await api.post<GroupPage>('/group/guesses', entry.guess));
  else showGroup(await api.post<GroupPage>('/group/readings', entry.groupReading));
}

/**
 * Puts something into this browser's queue. A browser that keeps nothing (a private window, a full disk) has it sent
 * straight to the server instead. Throws where neither took it.
 */
async function keep(userId: string, entry: OutboxEntry): Promise<void> {
  const isQueued = await outboxOf(userId)
    .entries.add(entry)
    .then(() => true)
    .catch(() => false);
  if (!isQueued) await sendToServer(entry);
}

export const keepReading = (userId: string, runId: string, reading: NewReading): Promise<void> =>
  keep(userId, { runId, reading });

export const keepLine = (userId: string, potId: string, line: NewPotEntry): Promise<void> =>
  keep(userId, { potId, line });

/** The queue of a class's group in this phone. */
export const queueOfGroup = (groupId: string): string => `group-${groupId}`;

export const keepGuess = (groupId: string, guess: NewGuess): Promise<void> => keep(queueOfGroup(groupId), { guess });

export const keepGroupReading = (groupId: string, groupReading: NewGroupReading): Promise<void> =>
  keep(queueOfGroup(groupId), { groupReading });
