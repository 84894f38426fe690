import type { TodayPage as TodayData } from '@bent-pail/contract';
import { ROLE_NAMES } from '@bent-pail/contract/choices';
import { dayIn } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { api } from '../shared/api';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { day, dueTime, overTime, counted, weekday } from '../kit/format';
import { queryClient } from '../shared/resources/client';
import { instrumentsQuery } from '../shared/resources/instruments';
import { countsQuery, todayQuery, todayKey } from '../shared/resources/today';
import { useServerNow } from '../shared/serverClock';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useSession, useWorks } from '../shared/useSession';
import { benchLines, jobsOf, type Job } from './jobs';
import { Timeline } from './Timeline';
import { undoable } from '../kit/toasts';
import { NotMeasured } from './NotMeasured';
import { ButtonLink, Button } from '../kit/Button';
import { later } from '../kit/later';
import { told } from '../shared/units/mine';

/** Names of all stuffs and the forms come along with it: what is due is shown before that. */
const WhatIsInThePail = later(
  async () => (await import('./WhatIsInThePail')).WhatIsInThePail,
  <div className="min-h-44" />,
);

/** The door: what is soaking, draining, due; and for a newcomer one question. */
export function TodayPage(): ReactElement {
  const query = useQuery(todayQuery);
  return <Await query={query}>{(today) => <Today today={today} />}</Await>;
}

function Today({ today }: { readonly today: TodayData }): ReactElement {
  const { notebook } = useSession();
  const me = useMe();
  const works = useWorks();
  const now = useServerNow(1000);
  const lines = benchLines(today.openRuns);
  const instruments = useQuery({ ...instrumentsQuery, enabled: works });
  const { openRuns: runs, labRequests: reports, planned, pots } = today;
  const jobs = jobsOf({ runs, instruments: instruments.data ?? [], reports, planned, pots, trials: today.trials }, now);
  const on = today.openRuns.length;
  const counts = useQuery(countsQuery).data;
  return (
    <main className="flex min-h-[calc(100vh-72px)] flex-col">
      <TitleBlock
        title={`Today at ${notebook.place}`}
        tab="Today"
        line={`${weekday(now, notebook.zone)}. ${on === 0 ? 'Nothing is on the bench.' : `${counted(on, 'run is', 'runs are')} on the bench.`}`}
        cells={[
          {
            term: 'Signed in',
            value: (
              <Link to="/you">
                {me.name}, {ROLE_NAMES[me.role]}
              </Link>
            ),
          },
        ]}
      >
        {on > 1 && works ? <ButtonLink to="/bench/round">Go round all {on}</ButtonLink> : undefined}
      </TitleBlock>
      {lines.length > 0 && <Timeline lines={lines} now={now} zone={notebook.zone} />}
      <div className="grid *:min-w-0 flex-1 border-t-[3px] border-ink min-[901px]:grid-cols-[minmax(0,1fr)_minmax(0,760px)]">
        <Due jobs={jobs} now={now} zone={notebook.zone} sheetsToRate={today.sheetsToRate} classes={today.classes} />
        {works ? (
          <div className="bg-paper">
            <WhatIsInThePail begins={counts?.lots === 0} />
            <NotMeasured />
          </div>
        ) : (
          <section>
            <EmptyPail
              question={
                me.role === 'panellist' ? 'Your sheets wait in the list.' : 'Look around: nothing here can break.'
              }
            >
              {me.role === 'reader' && <ButtonLink to="/shelf">Look at the shelf</ButtonLink>}
              {me.role === 'panellist' && <ButtonLink to="/class/hand">Train your hand</ButtonLink>}
            </EmptyPail>
          </section>
        )}
      </div>
    </main>
  );
}

const DUE =
  'grid min-h-11 grid-cols-[146px_1fr_auto] max-[560px]:grid-cols-[88px_1fr_auto] items-baseline gap-x-2.5 border-b border-zinc2 py-2 leading-tight';

interface DueProps {
  readonly jobs: readonly Job[];
  readonly now: number;
  readonly zone: string;
  readonly sheetsToRate: number;
  readonly classes: TodayData['classes'];
}

function Due({ jobs, now, zone, sheetsToRate, classes }: DueProps): ReactElement {
  return (
    <section
      aria-label="Due, in order"
      className="border-ink px-5 py-3 max-[900px]:border-b-[3px] min-[901px]:border-r-[3px]"
    >
      <h2 className="border-b-[1.5px] border-ink pb-1">
        Due, in order{' '}
        {jobs.some((job) => job.at !== undefined) && (
          <a className="ml-2 text-small font-normal underline underline-offset-2" href="/api/today.ics" download>
            into your calendar
          </a>
        )}
      </h2>
      <ol>
        {classes.map(({ id, name, lesson, endsAt }) => (
          <li key={id} className={DUE}>
            <span className="figure">on now</span>
            <Link to={`/class/${id}/wall`} className="no-underline">
              <b className="font-semibold">{name}</b>
              <small className="block">
                {lesson}, until {dueTime(Date.parse(endsAt), now, zone)}
              </small>
            </Link>
          </li>
        ))}
        {jobs.map((job) => (
          <DueRow key={job.planned ?? `${job.to}${job.what}`} job={job} now={now} zone={zone} />
        ))}
        {sheetsToRate > 0 && (
          <li className={DUE}>
            <span className="figure">open</span>
            <Link to="/score" className="no-underline">
              <b className="font-semibold">{counted(sheetsToRate, 'sample', 'samples')} to rate</b>
            </Link>
          </li>
        )}
        {jobs.length === 0 && sheetsToRate === 0 && classes.length === 0 && (
          <li className="border-b border-zinc2 py-2 text-ink2">
            Nothing is due. Soaks, drains and ovens will stand here.
          </li>
        )}
      </ol>
    </section>
  );
}

function whenSaid({ at }: Job, over: boolean, now: number, zone: string): string {
  if (at === undefined) return 'any time';
  return over ? overTime(at, now, zone) : dueTime(at, now, zone);
}

function DueRow({ job, now, zone }: { readonly job: Job; readonly now: number; readonly zone: string }): ReactElement {
  const works = useWorks();
  const today = dayIn(zone, now);
  const over = job.day === undefined ? job.at !== undefined && job.at <= now : job.day < today;
  return (
    <li className={`${DUE} ${over ? '-mx-5 bg-slab px-5 text-inverse' : ''}`}>
      <span className="figure">
        {job.day === undefined ? whenSaid(job, over, now, zone) : job.day === today ? 'today' : day(job.day, zone)}
      </span>
      <Link to={job.to} className="no-underline">
        <b className="font-semibold">{told(job.what)}</b>
        <small className={`block ${over ? 'text-inverse' : ''}`}>{job.where}</small>
      </Link>
      {job.planned !== undefined && works && <DoneButton id={job.planned} what={job.what} />}
    </li>
  );
}

/** Planned work is ticked off where it stands. */
function DoneButton({ id, what }: { readonly id: string; readonly what: string }): ReactElement {
  const done = useMutation({
    mutationFn: (isDone: boolean) => api.post(`/jobs/${id}/done`, { done: isDone }),
    onSuccess: async (_, isDone) => {
      await queryClient.invalidateQueries({ queryKey: todayKey });
      if (isDone)
        undoable(`${what}: done.`, () => {
          done.mutate(false);
        });
    },
  });
  return (
    <Button
      look="low"
      aria-label={`Done: ${what}`}
      disabled={done.isPending}
      onClick={() => {
        done.mutate(true);
      }}
    >
      Done
    </Button>
  );
}
