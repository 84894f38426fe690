import type { ClosedYear, YearsPage } from '@bent-pail/contract';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../../kit/Button';
import { Dialog, DialogClose } from '../../kit/Dialog';
import { counted, day } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { api } from '../../shared/api';
import { Await } from '../../shared/Await';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { ReasonForm } from '../../shared/forms/ReasonForm';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { serverNow } from '../../shared/serverClock';
import { useMe, useSession } from '../../shared/useSession';

const yearsQuery = queryOptions({ queryKey: ['years'], queryFn: () => api.get<YearsPage>('/years') });

/** What was closed or opened again reaches runs, cards and pots. */
const took = (page: YearsPage): void => {
  queryClient.setQueryData(yearsQuery.queryKey, page);
  void queryClient.invalidateQueries();
};

/** Years that are closed, and the way to close this one: what was finished stands, and the same shelf goes on. */
export function Years(): ReactElement {
  const isLead = useMe().role === 'lead';
  const query = useQuery(yearsQuery);
  return (
    <section aria-label="Year’s end">
      <h2>Year’s end</h2>
      <p>
        A closed year stands as it is: its runs and cards are changed no more, and a backup of its last day is never
        given away. Lots, blends, vessels and what is still open go on into the next.
      </p>
      <Await query={query}>
        {({ years, now }) => (
          <>
            {isLead && <Close now={now} />}
            {years.length > 0 && <Closed years={years} isLead={isLead} />}
          </>
        )}
      </Await>
    </section>
  );
}

function Close({ now }: Pick<YearsPage, 'now'>): ReactElement {
  const { notebook } = useSession();
  const [open, setOpen] = useState(false);
  const form = useBodyForm({
    body: 'CloseYear',
    start: { label: String(new Date(serverNow()).getFullYear()) },
    read: (typed) => typed,
    send: (said) => once(['year', said], (id) => api.post<YearsPage>('/years', { id: id(), ...said })),
    onKept: (page) => {
      setOpen(false);
      took(page);
    },
  });
  const since = now.from === undefined ? '' : ` since ${day(now.from, notebook.zone)}`;
  return (
    <div className="my-2">
      <Dialog
        opener="Close the year"
        title="Close the year?"
        line={`${counted(now.runs, 'run was', 'runs were')} finished${since}: they will stand as they are.`}
        open={open}
        onOpenChange={setOpen}
      >
        <ul className="mb-3 list-disc pl-5 text-small">
          <li>A backup is taken first, and stays.</li>
          <li>
            {now.openRuns === 0
              ? 'No run is open.'
              : `${counted(now.openRuns, 'open run goes', 'open runs go')} on into the next year.`}
          </li>
          <li>
            {now.emptiedPots === 0
              ? 'No emptied pot is to be put away.'
              : `${counted(now.emptiedPots, 'emptied pot is', 'emptied pots are')} put away.`}
          </li>
          <li>A lead can open it again, with a reason that stays.</li>
        </ul>
        <BodyForm form={form} label="Close the year" className="flex flex-wrap items-end gap-3">
          <TextField name="label" label="The year is called" />
          <Button type="submit" look="slab" disabled={form.isBusy}>
            {form.isBusy ? 'Closing it' : 'Close it'}
          </Button>
          <DialogClose>Cancel</DialogClose>
        </BodyForm>
      </Dialog>
    </div>
  );
}

interface ClosedProps {
  readonly years: readonly ClosedYear[];
  readonly isLead: boolean;
}

const LINK = 'inline-flex min-h-11 items-center px-1 font-semibold underline underline-offset-3';

function Closed({ years, isLead }: ClosedProps): ReactElement {
  const { notebook } = useSession();
  return (
    <Rows>
      <tbody>
        {years.map(({ id, label, from, closedAt, by, runs, backup, opened }) => (
          <tr key={id}>
            <th scope="row">
              {label}
              <small className="block text-ink2">
                closed {day(closedAt, notebook.zone)} by {by}
              </small>
              {opened !== undefined && (
                <small className="block">
                  opened again {day(opened.at, notebook.zone)} by {opened.by}: {opened.because}
                </small>
              )}
            </th>
            <td>
              <Link
                className={LINK}
                to={`/bench?state=finished${from === undefined ? '' : `&from=${from.slice(0, 10)}`}&to=${closedAt.slice(0, 10)}`}
              >
                {counted(runs, 'run', 'runs')}
              </Link>
            </td>
            {isLead && (
              <td>
                <a
                  className={LINK}
                  href={`/api/backups/${backup}`}
                  aria-label={`Fetch the backup of ${label}`}
                  download
                >
                  backup
                </a>
              </td>
            )}
            {isLead && <td>{opened === undefined && <Open id={id} label={label} />}</td>}
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

function Open({ id, label }: Pick<ClosedYear, 'id' | 'label'>): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      opener="open again"
      title={`Open ${label} again?`}
      line="Its runs and cards can be changed again. That it was opened, by whom and why, stays with it."
      open={open}
      onOpenChange={setOpen}
    >
      <ReasonForm
        body="OpenYear"
        label={`Open ${label} again`}
        ask="Why"
        act="Open it again"
        className=""
        send={(said) => api.post<YearsPage>(`/years/${id}/opening`, said)}
        onKept={(page) => {
          setOpen(false);
          took(page);
        }}
      />
    </Dialog>
  );
}
