import type { TrialPage } from '@bent-pail/contract';
import { dayAfter, dayIn, daysBetween, nextDay, sownOn } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { day } from '../../kit/format';
import { OneOf } from '../../kit/OneOf';
import { Await } from '../../shared/Await';
import { CautionStrip } from '../../shared/CautionStrip';
import { useWaitingTrialReadings } from '../../shared/outbox/useOutbox';
import { trialQuery, trialReadingsQuery } from '../../shared/resources/trials';
import { serverNow } from '../../shared/serverClock';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession, useWorks } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { CellNow } from './CellNow';
import { dayCells, nextCell, type DayCell, type Walk } from './dayState';
import { JustKept, Progress } from './HowFar';
import { Refused } from './Refused';
import { useKeepCell } from './useKeepCell';

/** A day's readings, one cell at a time: the plot's number, what to read, Enter. The medium stays out of sight. */
export function DayPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(trialQuery(id));
  return <Await query={query}>{(page) => <Day page={page} />}</Await>;
}

function Day({ page }: { readonly page: TrialPage }): ReactElement {
  const { notebook } = useSession();
  const works = useWorks();
  const [params] = useSearchParams();
  const today = dayIn(notebook.zone, serverNow());
  const on = params.get('on') ?? today;
  const query = useQuery(trialReadingsQuery(page.id));
  const { plan } = page;
  const age = daysBetween(plan.common.sownOn, on);
  const apart = new Set(plan.arms.map((arm) => sownOn(plan, arm))).size > 1;
  return (
    <main>
      <TitleBlock
        title={`Day ${String(age)}`}
        tab={`Day ${String(age)} of ${page.name}`}
        line={`${page.name}, ${day(on, notebook.zone)}${apart ? '; some were sown on other days' : ''}`}
      >
        <ButtonLink to={`/grow/${page.id}`}>The trial</ButtonLink>
        <OtherDays page={page} on={on} today={today} />
      </TitleBlock>
      {page.state !== 'running' || !works ? (
        <p className="p-5">
          {works ? 'Readings are taken while a trial grows.' : 'A reader looks on; testers take the readings.'}
        </p>
      ) : (
        <Await query={query}>
          {(readings) => <Sheet key={on} page={page} kept={readings} on={on} today={today} />}
        </Await>
      )}
    </main>
  );
}

/** The planned days before and after. */
function OtherDays({
  page,
  on,
  today,
}: {
  readonly page: TrialPage;
  readonly on: string;
  readonly today: string;
}): ReactElement {
  const { notebook } = useSession();
  const before = lastDay(page, on);
  const after = nextDay(page.plan, dayAfter(on, 1));
  return (
    <>
      {before !== undefined && (
        <ButtonLink to={`/grow/${page.id}/day?on=${before}`}>{day(before, notebook.zone)}</ButtonLink>
      )}
      {on !== today && <ButtonLink to={`/grow/${page.id}/day`}>Today</ButtonLink>}
      {after !== undefined && after <= today && (
        <ButtonLink to={`/grow/${page.id}/day?on=${after}`}>{day(after, notebook.zone)}</ButtonLink>
      )}
    </>
  );
}

/** The planned day before one; undefined before the first. */
function lastDay({ plan }: TrialPage, on: string): string | undefined {
  const days = plan.arms.flatMap((arm) =>
    plan.observe.flatMap(({ ages }) => ages.map((age) => dayAfter(sownOn(plan, arm), age))),
  );
  return days
    .filter((one) => one < on)
    .sort()
    .at(-1);
}

interface SheetProps {
  readonly page: TrialPage;
  readonly kept: Parameters<typeof dayCells>[1];
  readonly on: string;
  readonly today: string;
}

function Sheet({ page, kept, on, today }: SheetProps): ReactElement {
  const { number } = useParams();
  const { notebook } = useSession();
  const waiting = useWaitingTrialReadings(page.id);
  const [walk, setWalk] = useState<Walk>('trait');
  const readings = useMemo(() => [...kept, ...waiting.map(({ trialReading }) => trialReading)], [kept, waiting]);
  const cells = useMemo(() => dayCells(page, readings, on, walk), [page, readings, on, walk]);
  const [at, setAt] = useState(() => firstOf(cells, number));
  // Whoever presses elsewhere comes back to the cell, also where it is the same one.
  const [visit, setVisit] = useState(0);
  const keeping = useKeepCell({ trialId: page.id, plan: page.plan, on });
  const lit = cells.find(({ key }) => key === at) ?? cells[0];
  const left = cells.filter(({ found }) => found === undefined).length;
  const stuck = waiting.filter(({ problem }) => problem !== undefined);
  if (lit === undefined) {
    const next = nextDay(page.plan, today);
    return (
      <p className="p-5 text-lead">
        Nothing is read on this day.{' '}
        {next === undefined ? 'The plan asks for no more.' : `The next readings are on ${day(next, notebook.zone)}.`}
      </p>
    );
  }
  const move = (by: 1 | -1): void => {
    const place = cells.indexOf(lit) + by;
    setAt((cells[place] ?? lit).key);
    keeping.setSorry(undefined);
  };
  return (
    <>
      {cautionsAt('read').map((caution) => (
        <CautionStrip key={caution} caution={caution} />
      ))}
      {cells.some(({ trait }) => trait === 'fresh' || trait === 'fruits') &&
        cautionsAt('harvest').map((caution) => <CautionStrip key={caution} caution={caution} />)}
      <Refused waiting={stuck} plots={page.plots} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 px-5 py-4 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
        <CellNow
          key={`${lit.key} ${String(visit)}`}
          trialId={page.id}
          plan={page.plan}
          seed={page.seed ?? 0}
          cell={lit}
          keeping={keeping}
          onMove={move}
          onKept={() => {
            setAt(nextCell(cells, lit.key) ?? lit.key);
          }}
        />
        <section aria-label="How far it is">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <span role="status" className="text-head">
              {left === 0 ? (
                <b>All of the day is read.</b>
              ) : (
                <>
                  <b className="figure">{cells.length - left}</b> of <span className="figure">{cells.length}</span> read
                  {waiting.length > 0 && `, ${String(waiting.length)} wait for the bench computer`}
                </>
              )}
            </span>
            <OneOf
              label="Walk"
              unseen
              value={walk}
              options={[
                { key: 'trait', words: 'trait by trait' },
                { key: 'plot', words: 'plot by plot' },
              ]}
              onChange={(next) => {
                setWalk(next);
                setVisit(visit + 1);
              }}
            />
          </div>
          <Progress
            page={page}
            cells={cells}
            lit={lit}
            onAt={(key) => {
              setAt(key);
              setVisit(visit + 1);
            }}
          />
          <JustKept cells={cells} waiting={waiting.map(({ trialReading }) => trialReading.id)} />
        </section>
      </div>
    </>
  );
}

/** The plot whose label was scanned, or the first cell that is empty. */
function firstOf(cells: readonly DayCell[], number: string | undefined): string {
  const own = number === undefined ? cells : cells.filter(({ plot }) => String(plot.number) === number);
  return (own.find(({ found }) => found === undefined) ?? own[0] ?? cells[0])?.key ?? '';
}
