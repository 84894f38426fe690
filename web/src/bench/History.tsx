import type { RunSheet } from '@bent-pail/contract';
import { replicateName, type Reading, type Step } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { mySign } from '../shared/units/mine';
import { clockTime, day } from '../kit/format';
import { useSession } from '../shared/useSession';
import { shownReading } from './shownReading';

/** One thing that somebody did on a sheet. */
export interface Deed {
  readonly key: string;
  readonly at: string;
  readonly by: string;
  readonly what: string;
}

function deedOf(sheet: RunSheet, reading: Reading, zone: string): Deed {
  const step = sheet.protocol.steps.find((one) => one.key === reading.step) as Step;
  const where = `${step.label}, ${replicateName(reading.replicate)}`;
  const unit = reading.mVTemp_C === undefined && step.kind !== 'time' ? step.unit : '';
  const value = `${shownReading(reading, step, zone)}${unit === '' ? '' : ` ${mySign(unit)}`}`;
  const old = sheet.readings.find((one) => one.id === reading.corrects);
  const what =
    old === undefined
      ? `${where}: ${value}`
      : `${where}: ${shownReading(old, step, zone)} corrected to ${value}, ${reading.reason ?? ''}`;
  return { key: reading.id, at: reading.takenAt, by: reading.by ?? '', what };
}

/** Who did what on a sheet, from its start, in the order in which it was kept. */
export function deedsOf(sheet: RunSheet, zone: string): Deed[] {
  const start = { key: 'start', at: sheet.startedAt, by: sheet.startedBy, what: 'opened the sheet' };
  const readings = sheet.readings.map((reading) => deedOf(sheet, reading, zone));
  const end =
    sheet.finishedAt === undefined ? [] : [{ key: 'end', at: sheet.finishedAt, by: '', what: 'the run was finished' }];
  const reopened = sheet.reopened.map(({ at, by, reason }, i) => ({
    key: `reopened ${String(i)}`,
    at,
    by,
    what: `opened the finished run again, ${reason}`,
  }));
  const archived = sheet.archivings.map(({ archived: away, at, by, reason }, i) => ({
    key: `archived ${String(i)}`,
    at,
    by,
    what: away ? `put the run away, ${reason}` : 'brought the run back',
  }));
  const taken = sheet.takenBack.map(({ reading, exclusion, at, by }, i) => ({
    key: `taken ${String(i)}`,
    at,
    by,
    what:
      reading === undefined
        ? `took ${replicateName(exclusion?.replicate ?? 0)} in again, which was left out: ${exclusion?.reason ?? ''}`
        : `took back ${deedOf(sheet, reading, zone).what}`,
  }));
  const times = new Map(sheet.readings.map(({ id, keptAt }) => [id, keptAt]));
  const kept = ({ key, at }: Deed): string => times.get(key) ?? at;
  return [start, ...readings, ...reopened, ...archived, ...taken, ...end].sort((a, b) =>
    kept(a).localeCompare(kept(b)),
  );
}

/** Who did what, when; folded until somebody asks. */
export function History({ sheet }: { readonly sheet: RunSheet }): ReactElement {
  const { notebook } = useSession();
  const deeds = deedsOf(sheet, notebook.zone);
  return (
    <details className="px-5 py-2 [&_li]:grid [&_li]:grid-cols-[116px_130px_minmax(0,1fr)] [&_li]:gap-3 [&_li]:border-t [&_li]:border-zinc2 [&_li]:py-[3px] [&_li]:text-small">
      <summary className="min-h-8 cursor-pointer font-semibold">Who did what, when</summary>
      <ol>
        {deeds.map((deed) => (
          <li key={deed.key}>
            <span className="figure">
              {day(deed.at, notebook.zone)} {clockTime(Date.parse(deed.at), notebook.zone)}
            </span>
            <span>{deed.by}</span>
            <span>{deed.what}</span>
          </li>
        ))}
      </ol>
    </details>
  );
}
