/** A lot's card, what batches teach, what a pot's diary asks for, or what a trial came to, in a thread of its own: fits take their time. */
import type { LotRecord, TrialRecord } from '@bent-pail/core';
import { taughtBy, type MeasuredBatch, type Taught } from '../learning/taughtBy';
import { workOut, type WorkedOut } from '../cards/workedOut';
import { watchPot, type PotAsked, type PotSaid } from '../filledPots/watchPot';
import { trialResult, type TrialResult } from '../trials/results';

export type CardTask =
  | { readonly kind: 'card'; readonly record: LotRecord; readonly runIds: readonly string[] }
  | { readonly kind: 'learn'; readonly measured: readonly MeasuredBatch[] }
  | { readonly kind: 'pot'; readonly asked: PotAsked }
  | { readonly kind: 'trial'; readonly record: TrialRecord };
export type CardAnswer = WorkedOut | Taught | PotSaid | TrialResult;

export default function makeCard(task: CardTask): CardAnswer {
  switch (task.kind) {
    case 'card':
      return workOut(task.record, task.runIds);
    case 'learn':
      return taughtBy(task.measured);
    case 'pot':
      return watchPot(task.asked);
    case 'trial':
      return trialResult(task.record);
  }
}
