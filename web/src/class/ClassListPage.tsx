import type { ClassRow } from '@bent-pail/contract';
import { LESSONS } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { ButtonLink } from '../kit/Button';
import { clockTime, counted, day } from '../kit/format';
import { Rows } from '../kit/Rows';
import { Await } from '../shared/Await';
import { classesQuery, lessonsQuery, wipesQuery } from '../shared/resources/classes';
import { useSession, useWorks } from '../shared/useSession';
import { TitleBlock } from '../shared/TitleBlock';
import { BeginClass } from './begin/BeginClass';

/** Classes: what is on, what was, and the lessons to begin one from. */
export function ClassListPage(): ReactElement {
  const works = useWorks();
  const [params] = useSearchParams();
  const begins = params.get('begin');
  const query = useQuery(classesQuery);
  return (
    <main>
      <TitleBlock
        title="Class"
        line="A lesson without an oven: groups join with their phones, guess, measure; the wall shows who differs and why."
      >
        <ButtonLink to="/class/hand">Train the hand</ButtonLink>
      </TitleBlock>
      {works && begins !== null && <BeginClass key={begins} lesson={begins} lotId={params.get('lot') ?? undefined} />}
      <Await query={query}>{(rows) => <Classes rows={rows} />}</Await>
      <Lessons mayBegin={works} />
      <Wiped />
    </main>
  );
}

function Classes({ rows }: { readonly rows: readonly ClassRow[] }): ReactElement | null {
  const { notebook } = useSession();
  if (rows.length === 0) return null;
  return (
    <section className="px-5 py-3" aria-labelledby="classes">
      <h2 id="classes">Classes</h2>
      <Rows className="mt-2 text-body">
        <thead>
          <tr>
            <th scope="col">Class</th>
            <th scope="col" className="text-left max-[700px]:hidden">
              Lesson
            </th>
            <th scope="col" className="text-left max-[700px]:hidden">
              Samples
            </th>
            <th scope="col">Groups</th>
            <th scope="col">Readings</th>
            <th scope="col">When</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, name, lesson, lots, groups, readings, beganAt, endsAt, isOpen }) => (
            <tr key={id}>
              <th scope="row">
                <Link className="inline-flex min-h-11 items-center font-semibold" to={`/class/${id}`}>
                  {name}
                </Link>
              </th>
              <td className="text-left max-[700px]:hidden">{lesson}</td>
              <td className="text-left max-[700px]:hidden">{lots.join(' · ')}</td>
              <td className="figure">{groups}</td>
              <td className="figure">{readings}</td>
              <td className="whitespace-nowrap">
                {isOpen ? <b>on until {clockTime(Date.parse(endsAt), notebook.zone)}</b> : day(beganAt, notebook.zone)}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}

function Lessons({ mayBegin }: { readonly mayBegin: boolean }): ReactElement {
  const { data: own = [] } = useQuery(lessonsQuery);
  const all = [...LESSONS.map(({ key, title, aim, minutes }) => ({ key, title, aim, minutes, by: undefined })), ...own];
  return (
    <section className="border-t-[3px] border-ink px-5 py-3" aria-labelledby="lessons">
      <h2 id="lessons">Lessons</h2>
      <ul className="mt-3 grid gap-x-6 gap-y-4 min-[720px]:grid-cols-2 min-[1100px]:grid-cols-4">
        {all.map(({ key, title, aim, minutes, by }) => (
          <li key={key} className="flex flex-col gap-1.5 border-l-4 border-ink bg-paper py-2 pr-3 pl-3">
            <h3 className="text-head leading-tight">
              <Link to={`/class/lessons/${key}`}>{title}</Link>
            </h3>
            <p className="text-small text-ink2">{aim}</p>
            <p className="mt-auto flex items-center justify-between gap-2 text-small">
              <span>
                <span className="figure">{minutes}</span> min{by === undefined ? '' : `, by ${by}`}
              </span>
              {mayBegin && (
                <ButtonLink look="low" className="min-h-11" to={`/class?begin=${key}`} aria-label={`Begin: ${title}`}>
                  Begin
                </ButtonLink>
              )}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Classes of which only the size is known. */
function Wiped(): ReactElement | null {
  const { notebook } = useSession();
  const { data = [] } = useQuery(wipesQuery);
  if (data.length === 0) return null;
  return (
    <details className="px-5 py-3 text-small">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        {counted(data.length, 'class was wiped', 'classes were wiped')}
      </summary>
      <ul>
        {data.map(({ id, at, by, groups, guesses, readings, runsKept }) => (
          <li key={id} className="py-1">
            {day(at, notebook.zone)}, by {by}: {counted(groups, 'group', 'groups')},{' '}
            {counted(guesses, 'guess', 'guesses')}, {counted(readings, 'reading', 'readings')};{' '}
            {counted(runsKept, 'run', 'runs')} let in before stay.
          </li>
        ))}
      </ul>
    </details>
  );
}
