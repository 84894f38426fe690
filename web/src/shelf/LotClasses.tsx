import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { counted, day } from '../kit/format';
import { classesOfLotQuery } from '../shared/resources/classes';
import { useSession } from '../shared/useSession';

/** Classes that measured a lot blind: kept with the class, and in no figure of the card until they are let in. */
export function LotClasses({ lotId }: { readonly lotId: string }): ReactElement | null {
  const { notebook } = useSession();
  const { data = [] } = useQuery(classesOfLotQuery(lotId));
  if (data.length === 0) return null;
  return (
    <details className="mt-3">
      <summary>{counted(data.length, 'class has', 'classes have')} measured it</summary>
      <ul className="text-small">
        {data.map(({ id, name, lesson, groups, beganAt }) => (
          <li key={id} className="py-1">
            <Link to={`/class/${id}`}>{name}</Link>: {lesson}, {counted(groups, 'group', 'groups')},{' '}
            {day(beganAt, notebook.zone)}. In no figure above, unless it was let in as a run.
          </li>
        ))}
      </ul>
    </details>
  );
}
