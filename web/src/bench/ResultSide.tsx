import { findMediaClass, foundInRun, property, type Check, type RunProperty } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { VerdictPanel } from '../shared/verdicts/VerdictPanel';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { replicateName } from '@bent-pail/core';
import { amount, told } from '../shared/units/mine';
import { ClassPail } from './ClassPail';
import { RunFigure } from './RunFigure';
import { runSentence } from './runSentence';
import type { LiveRun } from './useRunSheet';
import { Rows } from '../kit/Rows';
import { Notice, NoticeHead } from '../kit/Notice';
import { fixed, listed } from '../kit/format';

/** The property that a sheet leads with: air while it drains, else the first that there is. */
function leading(properties: readonly RunProperty[]): RunProperty | undefined {
  return properties.find((one) => one.property === 'airSpace') ?? properties[0];
}

/** Live results beside the sheet: one big number, the pails, the checks, and at the end a sentence. */
export function ResultSide({ run }: { readonly run: LiveRun }): ReactElement {
  const { properties, checks } = run.result;
  const first = leading(properties);
  return (
    <aside
      aria-label="Results so far"
      className="h-full border-ink px-4.5 py-3 max-[900px]:overflow-y-auto max-[560px]:border-t-[3px] min-[561px]:border-l-[3px]"
    >
      {first === undefined ? (
        <>
          <p className="text-ink2 text-body">
            Results appear here as readings come in, while there is still time to repeat one.
          </p>
          <ClassPail sheet={run.sheet} />
        </>
      ) : (
        <Headline run={run} lead={first} />
      )}
      {run.sheet.finishedAt !== undefined && (
        <>
          <p className="mt-3 text-head font-semibold">
            {runSentence(run.result)} <Link to={`/shelf/lots/${run.sheet.lot.id}`}>Open the card</Link>
          </p>
          <VerdictPanel found={foundInRun(run.record, run.result)} materialClass={run.sheet.lot.classId} />
        </>
      )}
      {properties.length > 1 && <Others properties={properties.filter((one) => one !== first)} />}
      <Checks checks={checks} finished={run.sheet.finishedAt !== undefined} />
      {run.record.exclusions.map((exclusion) => (
        <p key={exclusion.replicate} className="text-ink2 mt-2 text-small">
          {replicateName(exclusion.replicate)} is left out by {exclusion.by}: {exclusion.reason}. Its values are kept.
        </p>
      ))}
    </aside>
  );
}

function Headline({ run, lead }: { readonly run: LiveRun; readonly lead: RunProperty }): ReactElement {
  const { label, plain } = property(lead.property);
  const counted = lead.values.filter((value) => value.excluded === undefined).length;
  const total = run.sheet.replicateCount - run.record.exclusions.length;
  const unkept = run.waiting.length;
  return (
    <>
      <h2>{run.sheet.finishedAt === undefined ? `${label}, so far` : label}</h2>
      {lead.summary !== undefined && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-3">
          <RunFigure one={lead} className={lead.words === undefined ? 'text-key' : 'text-title'} />
          <span className="text-ink2 text-body">
            {counted} of {total}
            {lead.summary.sd === undefined && lead.words === undefined ? ', single value' : ''}
          </span>
        </p>
      )}
      <p className="text-ink2 mt-1 text-small">
        {plain}.{unkept > 0 ? ` ${String(unkept)} typed, not yet kept.` : ''}
      </p>
      {lead.property === 'airSpace' && <Pails run={run} lead={lead} />}
    </>
  );
}

/** Every replicate's pail on one line, and the class's range below. */
function Pails({ run, lead }: { readonly run: LiveRun; readonly lead: RunProperty }): ReactElement {
  const capacity = run.result.properties.find((one) => one.property === 'containerCapacity');
  const mediaClass = run.sheet.lot.classId === undefined ? undefined : findMediaClass(run.sheet.lot.classId);
  const range = mediaClass?.inVessel10cm.air.range;
  return (
    <>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {lead.values.map(({ replicate, value, excluded }) => {
          const water = capacity?.values.find((one) => one.replicate === replicate)?.value;
          const fill =
            water === undefined
              ? ({ kind: 'unsplit', air: value } as const)
              : ({ kind: 'parted', solid: 1 - water - value, water, air: value } as const);
          const height = run.record.vessels[replicate]?.height_cm ?? 12;
          return (
            <figure key={replicate} className={`m-0 text-center ${excluded === undefined ? '' : 'opacity-40'}`}>
              <PailMark
                shape={shapeOf({ height_cm: height }, 'vessel')}
                fill={fill}
                state="measured"
                tier="medium"
                k={72 / height}
              />
              <figcaption className="text-small font-semibold">
                {replicateName(replicate)} <span className="figure font-normal">{fixed(value, 3)}</span>
              </figcaption>
            </figure>
          );
        })}
      </div>
      {range !== undefined && (
        <p className="text-ink2 mt-2 text-small">
          Its class has{' '}
          <span className="figure">
            {fixed(range[0], 2)}–{fixed(range[1], 2)}
          </span>{' '}
          air in {amount(10, 'cm', 0)}.
        </p>
      )}
    </>
  );
}

function Others({ properties }: { readonly properties: readonly RunProperty[] }): ReactElement {
  return (
    <Rows className="mt-3">
      <tbody>
        {properties.map((one) => {
          return (
            one.summary !== undefined && (
              <tr key={one.property}>
                <th scope="row">{property(one.property).label}</th>
                <td>
                  <RunFigure one={one} />
                </td>
              </tr>
            )
          );
        })}
      </tbody>
    </Rows>
  );
}

const WORD = { fault: 'Fault', caution: 'Check', note: 'Note' } as const;

/** Checks of one kind together, in the order in which the first of each came. */
function grouped(checks: readonly Check[]): (readonly [Check, ...Check[]])[] {
  const groups = new Map<string, [Check, ...Check[]]>();
  for (const check of checks) {
    const group = groups.get(check.code);
    if (group === undefined) groups.set(check.code, [check]);
    else group.push(check);
  }
  return [...groups.values()];
}

function Checks({ checks, finished }: { readonly checks: readonly Check[]; readonly finished: boolean }): ReactElement {
  const loud = grouped(checks.filter((check) => check.severity !== 'note'));
  const quiet = checks.filter((check) => check.severity === 'note');
  return (
    <div aria-live="polite">
      {loud.map((group) => {
        const [{ code, severity }] = group;
        const who = group.flatMap(({ replicate }) => (replicate === undefined ? [] : replicateName(replicate)));
        return (
          <Notice key={code} className="mt-3">
            <NoticeHead>
              {WORD[severity]}
              {who.length === 0 ? '' : ` ${listed(who)}`}
              <span className="font-normal">; {finished ? 'kept as it was' : 'it can still be repeated'}</span>
            </NoticeHead>
            {group.map(({ message }) => (
              <p key={message} className="px-3 pt-2 last:pb-2.5">
                {told(message)}
              </p>
            ))}
          </Notice>
        );
      })}
      {quiet.map((check) => (
        <p key={`${check.code}${String(check.replicate)}`} className="text-ink2 mt-2 text-small">
          {told(check.message)}
        </p>
      ))}
    </div>
  );
}
