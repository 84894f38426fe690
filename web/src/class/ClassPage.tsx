import type { ClassPage as Page } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { AskTwice } from '../kit/AskTwice';
import { Button, ButtonLink } from '../kit/Button';
import { clockTime, counted, day } from '../kit/format';
import { Rows } from '../kit/Rows';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { queryClient } from '../shared/resources/client';
import { classesKey, classQuery } from '../shared/resources/classes';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useSession, useWorks } from '../shared/useSession';
import { ClassCode } from './ClassCode';
import { progressOf, sheetOfClass } from './classView';
import { LetIn } from './LetIn';
import { useClassActs, type ClassActs } from './useClassActs';

/** A class as its teacher handles it: who is in, what stands behind the codes, what becomes of it. */
export function ClassPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(classQuery(id));
  return <Await query={query}>{(page) => <OneClass page={page} />}</Await>;
}

function OneClass({ page }: { readonly page: Page }): ReactElement {
  const { notebook } = useSession();
  const works = useWorks();
  const acts = useClassActs(page.id);
  const { name, plan, isOpen, endsAt, beganAt, by, pot } = page;
  return (
    <main>
      <TitleBlock
        title={name}
        line={plan.title}
        cells={[
          { term: 'Begun', value: `${day(beganAt, notebook.zone)}, by ${by}` },
          { term: isOpen ? 'On until' : 'Over since', value: clockTime(Date.parse(endsAt), notebook.zone) },
          ...(pot === undefined ? [] : [{ term: 'Pot', value: pot.name }]),
        ]}
      >
        <ButtonLink to={`/class/${page.id}/report`}>Report</ButtonLink>
        <ButtonLink look="act" to={`/class/${page.id}/wall`}>
          The wall
        </ButtonLink>
      </TitleBlock>
      {acts.error !== null && <Sorry className="mx-5 my-2">{sentenceOf(acts.error)}</Sorry>}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-3 min-[1000px]:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-6">
          <Groups page={page} acts={acts} mayAct={works} />
          <Samples page={page} />
          <LetIn page={page} acts={acts} mayAct={works} />
        </div>
        <aside className="flex flex-col items-start gap-4" aria-label="Coming in">
          {isOpen ? (
            <>
              <h2>Coming in</h2>
              <ClassCode page={page} size={200} />
              <ButtonLink to={`/class/${page.id}/slips`}>Slips for the groups, on paper</ButtonLink>
              {works && (
                <p className="flex flex-wrap gap-3">
                  <Button
                    onClick={() => {
                      acts.moreTime(10);
                    }}
                  >
                    Ten minutes more
                  </Button>
                  <AskTwice
                    opener="End it now"
                    title="End this class?"
                    line="Every phone’s link is dead from then on. What was measured stays; what waits in a phone without a network is lost to the class."
                    no="Go on"
                    yes="End it"
                    onYes={acts.end}
                  />
                </p>
              )}
            </>
          ) : (
            <p className="text-small text-ink2">This class is over: no phone comes in any more.</p>
          )}
          <p className="flex flex-wrap gap-x-6 gap-y-1 text-small">
            <Link className="inline-flex min-h-11 items-center" to={`/class/lessons/${plan.key}`}>
              The lesson
            </Link>
            <a
              className="inline-flex min-h-11 items-center"
              href={`/api/exports/class-results.csv?class=${page.id}`}
              download
            >
              Results as a table
            </a>
          </p>
          <Wipe page={page} />
        </aside>
      </div>
    </main>
  );
}

interface GroupsProps {
  readonly page: Page;
  readonly acts: ClassActs;
  readonly mayAct: boolean;
}

function Groups({ page, acts, mayAct }: GroupsProps): ReactElement {
  return (
    <section aria-labelledby="groups">
      <h2 id="groups">Groups</h2>
      <Rows className="mt-2 text-body" aria-live="polite">
        <thead>
          <tr>
            <th scope="col">Group</th>
            {page.isOpen && <th scope="col">Phones</th>}
            <th scope="col">Guessed</th>
            <th scope="col">Read</th>
            {mayAct && page.isOpen && (
              <th scope="col">
                <span className="sr-only">What to do</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {page.groups.map(({ id, number, phones }) => {
            const { hasGuessed, filled, cells } = progressOf(page, id);
            return (
              <tr key={id}>
                <th scope="row" className="figure">
                  {number}
                </th>
                {page.isOpen && <td className="figure">{phones}</td>}
                <td>{hasGuessed ? 'yes' : 'not yet'}</td>
                <td className="figure">
                  {filled} of {cells}
                </td>
                {mayAct && page.isOpen && (
                  <td>
                    {phones > 0 && (
                      <Button
                        look="small"
                        aria-label={`Send the phones of group ${String(number)} away`}
                        onClick={() => {
                          acts.sendAway(id);
                        }}
                      >
                        Send the phones away
                      </Button>
                    )}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </Rows>
    </section>
  );
}

function Samples({ page }: { readonly page: Page }): ReactElement {
  const sheet = sheetOfClass(page);
  const told = sheet.figures.filter(({ bench }) => bench !== undefined);
  return (
    <section aria-labelledby="samples">
      <h2 id="samples">
        What is behind the codes <small>for you; groups see the codes alone</small>
      </h2>
      <Rows className="mt-2 text-body">
        <tbody>
          {page.samples.map(({ id, code, lot, lotId, bench }) => (
            <tr key={id}>
              <th scope="row" className="figure w-16 text-lead">
                {code}
              </th>
              <td className="text-left">
                <Link to={`/shelf/lots/${lotId}`}>{lot}</Link>
                {told.length > 0 && Object.keys(bench).length === 0 && (
                  <small className="block text-ink2">
                    The bench has not measured it: there is nothing to compare with.
                  </small>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}

/** The one deletion that there is: for a lead. */
function Wipe({ page }: { readonly page: Page }): ReactElement | null {
  const { role } = useMe();
  const navigate = useNavigate();
  const wipe = useMutation({
    mutationFn: () => api.remove(`/classes/${page.id}`),
    onSuccess: async () => {
      queryClient.removeQueries({ queryKey: classQuery(page.id).queryKey });
      await queryClient.invalidateQueries({ queryKey: classesKey });
      void navigate('/class');
    },
  });
  if (role !== 'lead') return null;
  const readings = page.groups.reduce((sum, group) => sum + group.readings.length, 0);
  return (
    <>
      <AskTwice
        opener="Wipe this class"
        title={`Wipe ${page.name}?`}
        line={`${counted(page.groups.length, 'group', 'groups')} and ${counted(readings, 'reading', 'readings')} are gone for good; that there were so many stays noted. Runs that were let in stay, without a group.`}
        no="Keep it"
        yes="Wipe it"
        onYes={() => {
          wipe.mutate();
        }}
      />
      {wipe.error !== null && <Sorry>{sentenceOf(wipe.error)}</Sorry>}
    </>
  );
}
