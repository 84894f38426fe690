import type {
  FilledPotPage,
  GroupPage,
  KeptReading,
  KeptTrialReading,
  NewGroupReading,
  NewGuess,
  NewPotEntry,
  NewReading,
  NewTrialReading,
} from '@bent-pail/contract';
import { showGroup } from '../resources/group';
import { showTrialReading } from '../resources/trials';
import { api } from '../api';
import { showKept, showPot } from './showKept';
import { outboxOf, type OutboxEntry } from './store';

/** Sends one to where it is kept, and shows it there. */
export async function sendToServer(entry: OutboxEntry): Promise<void> {
  if ('reading' in entry)
    showKept(entry.runId, await api.post<KeptReading>(`/runs/${entry.runId}/readings`, entry.reading));
  else if ('line' in entry) showPot(await api.post<FilledPotPage>(`/pots/${entry.potId}/diary`, entry.line));
  else if ('trialReading' in entry)
    showTrialReading(
      entry.trialId,
      await api.post<KeptTrialReading>(`/trials/${entry.trialId}/readings`, entry.trialReading),
    );
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

export const keepTrialReading = (userId: string, trialId: string, trialReading: NewTrialReading): Promise<void> =>
  keep(userId, { trialId, trialReading });

/** The queue of a class's group in this phone. */
export const queueOfGroup = (groupId: string): string => `group-${groupId}`;

export const keepGuess = (groupId: string, guess: NewGuess): Promise<void> => keep(queueOfGroup(groupId), { guess });

export const keepGroupReading = (groupId: string, groupReading: NewGroupReading): Promise<void> =>
  keep(queueOfGroup(groupId), { groupReading });
