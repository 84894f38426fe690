/** A lot's card, or what batches teach, in a thread of its own: fits take their time. */
import type { LotRecord } from '@bent-pail/core';
import { taughtBy, type MeasuredBatch, type Taught } from '../learning/taughtBy';
import { workOut, type WorkedOut } from '../cards/workedOut';

export type CardTask =
  | { readonly kind: 'card'; readonly record: LotRecord; readonly runIds: readonly string[] }
  | { readonly kind: 'learn'; readonly measured: readonly MeasuredBatch[] };

export default function makeCard(task: CardTask): WorkedOut | Taught {
  return task.kind === 'card' ? workOut(task.record, task.runIds) : taughtBy(task.measured);
}
