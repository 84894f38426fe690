import type { TrialPage } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button, ButtonLink } from '../../kit/Button';
import { day } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { CautionStrip } from '../../shared/CautionStrip';
import { ReasonForm } from '../../shared/forms/ReasonForm';
import { Album } from '../../shared/photos/Album';
import { PutAway } from '../../shared/putAway/PutAway';
import { trialsKey } from '../../shared/resources/trials';
import { useSession, useWorks } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { useTrialActs } from '../useTrialActs';
import { EVENT_WORDS } from '../words';
import { EventForm } from './EventForm';
import { byDay } from './byDay';
import { eventSaid } from './eventSaid';
import { BackInForm, OutForm } from './OutForm';

/** What happened in the middle of it, what is left out, photos; and how it ends. */
export function DiaryPart({ page }: { readonly page: TrialPage }): ReactElement {
  const works = useWorks();
  const mayWrite = works && page.state === 'running';
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 px-5 py-4 min-[1000px]:grid-cols-2">
      <section aria-label="Lines of the diary">
        <h2 className="text-head">What happened</h2>
        {mayWrite && (
          <>
            {cautionsAt('water').map((caution) => (
              <CautionStrip key={caution} caution={caution} />
            ))}
            <EventForm page={page} />
          </>
        )}
        <Events page={page} />
      </section>
      <section aria-label="Left out and kept">
        <h2 className="text-head">Left out of the figures</h2>
        <Out page={page} mayWrite={mayWrite} />
        {mayWrite && <OutForm page={page} />}
        <h2 className="mt-6 text-head">Photos</h2>
        <Album of="trials" id={page.id} label="Plot, day, what it shows" />
        {works && <Ends page={page} />}
      </section>
    </div>
  );
}

function Events({ page: { events, plan } }: { readonly page: TrialPage }): ReactElement {
  const { notebook } = useSession();
  if (events.length === 0)
    return (
      <p className="mt-3 text-ink2">
        Nothing yet: waterings, a lid off, a heat wave, a mishap stand here and in every chart.
      </p>
    );
  const armSaid = (arm: string | undefined): string | undefined =>
    arm === undefined ? undefined : plan.arms.find(({ key }) => key === arm)?.name;
  return (
    <Rows className="mt-3 text-body">
      <tbody>
        {byDay(events).map((lines) => (
          <tr key={lines[0]?.id}>
            <th scope="row" className="w-20 align-top whitespace-nowrap">
              {day(lines[0]?.on ?? '', notebook.zone)}
            </th>
            <td className="w-24 text-left align-top">{EVENT_WORDS[lines[0]?.kind ?? 'note']}</td>
            <td className="text-left">
              {lines
                .map((line) =>
                  [armSaid(line.arm), eventSaid(line)].filter((part) => part !== undefined && part !== '').join(', '),
                )
                .join('; ')}
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

function Out({ page, mayWrite }: { readonly page: TrialPage; readonly mayWrite: boolean }): ReactElement {
  const { notebook } = useSession();
  const [taking, setTaking] = useState<string>();
  if (page.out.length === 0) return <p className="mt-2 text-ink2">No plot is.</p>;
  return (
    <ul className="mt-2">
      {page.out.map(({ plotId, reason, by, at }) => {
        const number = String(page.plots.find(({ id }) => id === plotId)?.number ?? '');
        return (
          <li key={plotId} className="border-b border-zinc2 py-1.5">
            <b>Plot {number}</b>: {reason} ({by}, {day(at, notebook.zone)}){' '}
            {mayWrite && (
              <Button
                look="small"
                onClick={() => {
                  setTaking(taking === plotId ? undefined : plotId);
                }}
              >
                Take it in again
              </Button>
            )}
            {taking === plotId && (
              <BackInForm
                page={page}
                plotId={plotId}
                onKept={() => {
                  setTaking(undefined);
                }}
              />
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** Finished, opened again, put away, sown again. */
function Ends({ page }: { readonly page: TrialPage }): ReactElement {
  const acts = useTrialActs(page.id);
  const { id, state, name } = page;
  return (
    <div className="mt-6 flex flex-col items-start gap-3 border-t border-zinc3 pt-4">
      {cautionsAt('end').map((caution) => (
        <CautionStrip key={caution} caution={caution} />
      ))}
      {state === 'running' && (
        <Button look="slab" disabled={acts.isBusy} onClick={acts.finish}>
          Finish the trial
        </Button>
      )}
      {state === 'finished' && (
        <>
          <ReasonForm
            body="ReopenRun"
            label="Open it again"
            ask="Open it again, because"
            act="Open it again"
            look="alt"
            className=""
            send={({ reason }) => acts.reopen(reason)}
            onKept={() => undefined}
          />
          <span className="flex flex-wrap gap-3">
            <ButtonLink to={`/grow/new?second=${id}`}>A second crop in its pots</ButtonLink>
            <PutAway address={`/trials/${id}`} queryKey={trialsKey} name={name} archived={page.archived === true} />
          </span>
        </>
      )}
      <span className="flex flex-wrap gap-3">
        <ButtonLink to={`/grow/new?like=${id}`}>Plan another one like it</ButtonLink>
        <a
          className="inline-flex min-h-11 items-center font-semibold"
          href={`/api/exports/trial-readings.csv?trial=${id}`}
          download
        >
          Readings as CSV
        </a>
        <a
          className="inline-flex min-h-11 items-center font-semibold"
          href={`/api/exports/trial-events.csv?trial=${id}`}
          download
        >
          Diary as CSV
        </a>
      </span>
    </div>
  );
}
