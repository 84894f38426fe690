import type { BatchPlan } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { litres } from '../../shared/units/litres';
import { DateField } from '../../kit/DateField';
import { TimeField } from '../../kit/TimeField';
import { clockTime, day } from '../../kit/format';
import { serverNow } from '../../shared/serverClock';
import { workedAfter } from '../../shared/workHours';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { PlanJobs } from './PlanJobs';
import { fieldTime, timed, workJobs } from './workTimes';
import { told } from '../../shared/units/mine';

interface WorkPlanProps {
  readonly view: DeskView;
  readonly plan: BatchPlan;
}

/** From now until mixing where nobody says otherwise: long enough to get and soak what is needed. */
const LEAD_MS = 4 * 24 * 3600000;

/** What to do and when before the mixing, in which order it goes in, how much water it takes. */
export function WorkPlan({ view, plan }: WorkPlanProps): ReactElement {
  const { notebook } = useSession();
  const [at, setAt] = useState(() =>
    fieldTime(workedAfter(Math.round((serverNow() + LEAD_MS) / 3600000) * 3600000, notebook.hours, notebook.zone)),
  );
  const mixAt = new Date(at).getTime();
  return (
    <>
      <h2 className="flex flex-wrap items-end justify-between gap-2">
        The work{' '}
        <span className="flex gap-2 font-normal">
          <DateField
            label="Mixed on"
            value={at.slice(0, 10)}
            onChange={(on) => {
              setAt(`${on}T${at.slice(11)}`);
            }}
          />
          <TimeField
            label="at"
            value={at.slice(11)}
            onChange={(time) => {
              setAt(`${at.slice(0, 10)}T${time}`);
            }}
          />
        </span>
      </h2>
      {Number.isNaN(mixAt) ? (
        <p className="text-ink2 mt-2">Say when it is mixed.</p>
      ) : (
        <ol className="mt-2">
          {timed(plan, mixAt, notebook).map((task) => (
            <li
              key={task.what}
              className="grid grid-cols-[108px_minmax(0,1fr)] gap-3 border-t border-zinc2 py-[5px] text-body"
            >
              <span className="figure">
                {day(new Date(task.at).toISOString(), notebook.zone)} {clockTime(task.at, notebook.zone)}
              </span>
              <span>
                <b>{told(task.what)}</b> <small>{told(task.why)}</small>
              </span>
            </li>
          ))}
        </ol>
      )}
      <PlanJobs
        words="Put it into Today"
        done="Added to Today"
        plan={JSON.stringify([plan.tasks, at])}
        jobs={() => workJobs(plan, mixAt, view.name === '' ? 'a new blend' : view.name, serverNow(), notebook)}
        disabled={Number.isNaN(mixAt)}
      />
      <p className="mt-3 text-small">
        <b>Into the mixer:</b> {plan.order.join(', then ')}.
      </p>
      <p className="mt-1 text-small">
        <b>Water while mixing:</b> <span className="figure">{litres(plan.water_L)}</span>, until a fistful holds and
        crumbles at a touch.{' '}
        {plan.takenAsDry.length > 0 && (
          <span className="text-ink2">
            {plan.takenAsDry.join(', ')} {plan.takenAsDry.length === 1 ? 'counts' : 'count'} as dry; begin with half.
          </span>
        )}
      </p>
    </>
  );
}
