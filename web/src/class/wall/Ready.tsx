import type { ClassPage } from '@bent-pail/contract';
import { STANDS_APART } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { figureShown } from '../../shared/classes/figureShown';
import { progressOf, type FigureSeen, type GroupSeen } from '../classView';

interface ReadyProps {
  readonly page: ClassPage;
  readonly seen: FigureSeen;
  /** Nobody's value is shown yet. */
  readonly isHidden: boolean;
  readonly asked: string | undefined;
  readonly onAsk: (groupId: string | undefined) => void;
}

/** A tile for each group: how far it is, what it found, how far that lies off. */
export function Ready({ page, seen, isHidden, asked, onAsk }: ReadyProps): ReactElement {
  return (
    <ul
      className="grid grid-cols-[repeat(auto-fill,minmax(96px,1fr))] gap-2 min-[1600px]:grid-cols-2"
      aria-live="polite"
    >
      {seen.groups.map((group) => (
        <li key={group.id}>
          <button
            type="button"
            aria-pressed={asked === group.id}
            data-group={group.number}
            className={`flex min-h-16 w-full flex-col items-start border-2 px-2 py-1 text-left aria-pressed:bg-ink aria-pressed:text-paper ${edgeOf(group, isHidden)}`}
            onClick={() => {
              onAsk(asked === group.id ? undefined : group.id);
            }}
          >
            <span className="flex w-full items-baseline justify-between gap-1">
              <b className="text-small min-[1600px]:text-lead">Group</b>
              <b className="figure text-lead leading-none min-[1600px]:text-title">{group.number}</b>
            </span>
            <span className="text-small min-[1600px]:text-head">{stateWords(page, seen, group, isHidden)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const isApart = ({ robustZ, out }: GroupSeen): boolean =>
  out === undefined && robustZ !== undefined && Math.abs(robustZ) > STANDS_APART.ask;

/** Who lies apart has a strong edge, who is out a dotted one. */
function edgeOf(group: GroupSeen, isHidden: boolean): string {
  if (group.mean === undefined || isHidden) return 'border-zinc3 bg-zinc1';
  if (group.out !== undefined) return 'border-dotted border-ink bg-paper';
  return isApart(group) ? 'border-ink bg-caution-wash' : 'border-ink bg-paper';
}

function stateWords(page: ClassPage, { figure }: FigureSeen, group: GroupSeen, isHidden: boolean): string {
  const { hasJoined, hasGuessed, filled, cells } = progressOf(page, group.id);
  if (group.mean !== undefined && !isHidden) {
    const z = group.robustZ === undefined ? '' : `, z ${fixed(group.robustZ, 1)}`;
    return `${figureShown(figure, group.mean)}${group.out === undefined ? z : ', left out'}`;
  }
  if (filled > 0) return `${String(filled)} of ${String(cells)} read`;
  if (hasGuessed) return 'has guessed';
  return hasJoined ? 'guesses' : 'not here yet';
}
