/** A lot's card, what batches teach, or what a pot's diary asks for, in a thread of its own: fits take their time. */
import type { LotRecord } from '@bent-pail/core';
import { taughtBy, type MeasuredBatch, type Taught } from '../learning/taughtBy';
import { workOut, type WorkedOut } from '../cards/workedOut';
import { watchPot, type PotAsked, type PotSaid } from '../filledPots/watchPot';

export type CardTask =
  | { readonly kind: 'card'; readonly record: LotRecord; readonly runIds: readonly string[] }
  | { readonly kind: 'learn'; readonly measured: readonly MeasuredBatch[] }
  | { readonly kind: 'pot'; readonly asked: PotAsked };
export type CardAnswer = WorkedOut | Taught | PotSaid;

export default function makeCard(task: CardTask): CardAnswer {
  switch (task.kind) {
    case 'card':
      return workOut(task.record, task.runIds);
    case 'learn':
      return taughtBy(task.measured);
    case 'pot':
      return watchPot(task.asked);
  }
}
