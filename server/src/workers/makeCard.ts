/** A lot's card, or what batches teach, in a thread of its own: fits take their time. */
import { learn, type Learning, type LotRecord, type MeasuredBlend } from '@bent-pail/core';
import { workOut, type WorkedOut } from '../cards/workedOut';

export type CardTask =
  | { readonly kind: 'card'; readonly record: LotRecord; readonly runIds: readonly string[] }
  | { readonly kind: 'learn'; readonly measured: readonly MeasuredBlend[] };

export default function makeCard(task: CardTask): WorkedOut | Learning {
  return task.kind === 'card' ? workOut(task.record, task.runIds) : learn(task.measured);
}
