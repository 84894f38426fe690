import type { RubricRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { counted, day } from '../../kit/format';
import { Await } from '../../shared/Await';
import { rubricsQuery } from '../../shared/resources/rubrics';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession } from '../../shared/useSession';
import { WeightBar } from './WeightBar';

/** What products are judged by: what ships, and one's own. */
export function RubricsPage(): ReactElement {
  const query = useQuery(rubricsQuery);
  return (
    <main>
      <TitleBlock title="Rubrics" line="What is judged, how much each weighs, and how a value becomes 0 to 10." />
      <Await query={query}>
        {(rows) => (
          <ul className="px-5 py-2">
            {rows.map((row) => (
              <RubricLine key={row.rubric.key} row={row} />
            ))}
          </ul>
        )}
      </Await>
    </main>
  );
}

function RubricLine({ row: { rubric, own, cards } }: { readonly row: RubricRow }): ReactElement {
  const { notebook } = useSession();
  return (
    <li className="grid items-center gap-x-6 gap-y-2 border-b border-zinc3 py-3 min-[900px]:grid-cols-[280px_minmax(0,1fr)]">
      <span>
        <Link to={`/score/rubrics/${rubric.key}`} className="text-head font-semibold">
          {rubric.label}
        </Link>
        <small className="block">
          {rubric.use}; version {rubric.version}, {counted(cards, 'card', 'cards')}
          {own === undefined ? '; as it ships' : `; ${own.by}, ${day(own.at, notebook.zone)}`}
        </small>
      </span>
      <WeightBar criteria={rubric.criteria} />
    </li>
  );
}
