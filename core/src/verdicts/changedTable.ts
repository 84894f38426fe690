import { refuse } from '../errors';
import { property } from '../properties';
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

/** The place of a line that a notebook added: `airSpace.pots.own-3f2a91c4`. */
const OWN = /^own-[0-9a-f]{8}$/;
const isOwn = (id: string): boolean => OWN.test(id.slice(id.lastIndexOf('.') + 1));

/** Whether lines of a property may begin anywhere, and not only where a class does. */
const isMeasured = ({ property: key }: VerdictLine): boolean =>
  key !== 'maturity' && property(key).classes === undefined;

/** A line that a notebook added, of the property and use that its id names. */
function ownLine({ id, from, says, because }: VerdictChange): VerdictLine[] {
  const shipped = VERDICT_TABLE.find((line) => withoutPlace(line.id) === withoutPlace(id));
  if (shipped === undefined || from === undefined) return [];
  const { property: judged, use } = shipped;
  return [{ id, property: judged, use, from, says, because, basis: 'a line of this notebook’s own' }];
}

/** Lines of one property and use in rising order, each ending where the next begins. */
function ended(lines: readonly VerdictLine[]): VerdictLine[] {
  const rising = [...lines].sort((a, b) => (a.from ?? -Infinity) - (b.from ?? -Infinity));
  return rising.map((line, i) => {
    const next = rising[i + 1];
    if (next?.from === undefined) return line;
    if (next.from <= (line.from ?? -Infinity))
      refuse('from', 'a line must begin above the one before it, and below the one after it');
    return { ...line, below: next.from };
  });
}

/**
 * The table with a notebook's changes: a line that begins elsewhere ends the one before it there, and a line of the
 * notebook's own parts the one that it begins in.
 *
 * A change of a line that no longer ships is left out. Throws where a line that ships would begin outside its
 * neighbours, where two would begin at the same value, or where the first of a property is given a beginning.
 */
export function changedTable(changes: readonly VerdictChange[]): readonly VerdictLine[] {
  const byId = new Map(changes.map((change) => [change.id, change]));
  const moved = VERDICT_TABLE.map((line): VerdictLine => {
    const change = byId.get(line.id);
    if (change === undefined) return line;
    const { from = line.from, says, because } = change;
    return { ...line, ...(from === undefined ? {} : { from }), says, because };
  });
  const added = changes.filter(({ id }) => isOwn(id)).flatMap(ownLine);
  const groups = [...new Set(moved.map(({ id }) => withoutPlace(id)))];
  return groups.flatMap((group) => {
    const isOf = ({ id }: VerdictLine): boolean => withoutPlace(id) === group;
    const ships = moved.filter(isOf);
    const own = added.filter(isOf);
    ships.forEach((line, i) => {
      if (i > 0 && (line.from ?? -Infinity) <= (ships[i - 1]?.from ?? -Infinity))
        refuse('from', 'a line must begin above the one before it, and below the one after it');
    });
    return ended([...ships, ...own]);
  });
}

/** Refuses a change that the table cannot take: an unknown line, a beginning where it has none or must be a class. */
export function requireVerdictChange(changes: readonly VerdictChange[], change: VerdictChange): void {
  const line = VERDICT_TABLE.find(({ id }) =>
    isOwn(change.id) ? withoutPlace(id) === withoutPlace(change.id) : id === change.id,
  );
  if (line === undefined) refuse('id', 'there is no such line');
  if (isOwn(change.id)) {
    if (change.from === undefined) refuse('from', 'say where the line begins');
    if (!isMeasured(line)) refuse('from', 'between classes there is no room for another line');
  } else if (line.from === undefined && change.from !== undefined)
    refuse('from', 'the first line of a property holds for all below the next');
  changedTable([...changes.filter(({ id }) => id !== change.id), change]);
}
