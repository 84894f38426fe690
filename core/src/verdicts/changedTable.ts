import { refuse } from '../errors';
import { VERDICT_TABLE } from './table';
import type { Grade } from './uses';
import type { VerdictLine } from './verdictLine';

/** A line as the notebook has it: where it begins, what it says. */
export interface VerdictChange {
  readonly id: string;
  readonly from?: number | undefined;
  readonly says: Grade;
  readonly because: string;
}

const withoutPlace = (id: string): string => id.slice(0, id.lastIndexOf('.'));

/**
 * The table with a notebook's changes: a line that begins elsewhere ends the one before it there.
 *
 * A change of a line that no longer ships is left out. Throws where a line would begin outside its neighbours, or where
 * the first of a property is given a beginning.
 */
export function changedTable(changes: readonly VerdictChange[]): readonly VerdictLine[] {
  const byId = new Map(changes.map((change) => [change.id, change]));
  const moved = VERDICT_TABLE.map((line): VerdictLine => {
    const change = byId.get(line.id);
    if (change === undefined) return line;
    const { from = line.from, says, because } = change;
    return { ...line, ...(from === undefined ? {} : { from }), says, because };
  });
  return moved.map((line, i) => {
    const next = moved[i + 1];
    if (next?.from === undefined || withoutPlace(next.id) !== withoutPlace(line.id)) return line;
    if (next.from <= (line.from ?? -Infinity))
      refuse('from', 'a line must begin above the one before it, and below the one after it');
    return { ...line, below: next.from };
  });
}

/** Refuses a change that the table cannot take: an unknown line, a beginning where it has none or must be a class. */
export function requireVerdictChange(changes: readonly VerdictChange[], change: VerdictChange): void {
  const line = VERDICT_TABLE.find(({ id }) => id === change.id);
  if (line === undefined) refuse('id', 'there is no such line');
  if (line.from === undefined && change.from !== undefined)
    refuse('from', 'the first line of a property holds for all below the next');
  changedTable([...changes.filter(({ id }) => id !== change.id), change]);
}
