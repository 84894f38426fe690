import type { Counts, OpenRunRow, Page, RunRow, RunsAsked } from '@bent-pail/contract';
import type { RunWaits } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';

const FROM = `
  from runs r
  join lots l on l.id = r.lot_id
  join materials m on m.id = l.material_id
  join protocols p on p.key = r.protocol_key and p.version = r.protocol_version
  join users u on u.id = r.started_by`;

const ROW = `
  r.id, r.number, r.lot_id as "lotId", m.name as "lotName", l.code as "lotCode", p.body ->> 'label' as "protocolLabel",
  r.group_name as "groupName", r.started_at as "startedAt", u.name as "startedBy", r.finished_at as "finishedAt"`;

interface Row extends Omit<RunRow, 'startedAt' | 'finishedAt' | 'groupName'> {
  readonly groupName: string | null;
  readonly startedAt: Date;
  readonly finishedAt: Date | null;
}

function toRow({ startedAt, finishedAt, groupName, ...row }: Row): RunRow {
  const { id, number, lotId, lotName, lotCode, protocolLabel, startedBy } = row;
  return {
    id,
    number,
    lotId,
    lotName,
    lotCode,
    protocolLabel,
    ...optional('groupName', groupName),
    startedAt: startedAt.toISOString(),
    startedBy,
    ...optional('finishedAt', finishedAt?.toISOString()),
  };
}

const SORTS: Readonly<Record<NonNullable<RunsAsked['sort']>, SortBy>> = {
  newest: { sql: 'r.started_at', type: 'timestamptz', usual: 'down' },
  lot: { sql: `lower(m.name || ', ' || l.code)`, type: 'text', usual: 'up' },
  number: { sql: 'r.number', type: 'integer', usual: 'down' },
  protocol: { sql: `lower(p.body ->> 'label')`, type: 'text', usual: 'up' },
  person: { sql: 'lower(u.name)', type: 'text', usual: 'up' },
};

const GROUPS: Readonly<Record<NonNullable<RunsAsked['group']>, GroupBy>> = {
  // Open ones first; an index has it in these words.
  state: { sql: `case when r.finished_at is null then 'open' else 'finished' end`, order: 'down' },
  protocol: { sql: `p.body ->> 'label'`, order: 'up' },
  person: { sql: 'u.name', order: 'up' },
  lot: { sql: `m.name || ', ' || l.code`, order: 'up' },
};

/** One page of the runs. */
export async function pageOfRuns(manager: EntityManager, asked: RunsAsked, zone: string): Promise<Page<RunRow>> {
  const conditions = new Conditions();
  conditions.find(
    asked.find,
    `concat_ws(' ', m.name, l.code, p.body ->> 'label', u.name, 'run ' || r.number, r.group_name)`,
  );
  if (asked.lot !== undefined) conditions.and(`r.lot_id = ${conditions.value(asked.lot)}`);
  if (asked.protocol !== undefined) conditions.and(`r.protocol_key = ${conditions.value(asked.protocol)}`);
  if (asked.person !== undefined) conditions.and(`r.started_by = ${conditions.value(asked.person)}`);
  conditions.and(`r.archived_at is ${asked.state === 'archived' ? 'not ' : ''}null`);
  if (asked.state === 'open') conditions.and('r.finished_at is null');
  if (asked.state === 'finished') conditions.and('r.finished_at is not null');
  conditions.days('r.started_at', asked, zone);
  const page = await readPage<Row>(manager, {
    select: ROW,
    from: FROM,
    // Every run has its lot, protocol and person: they only matter where their words are asked for.
    ...(asked.find === undefined ? { countFrom: 'from runs r' } : {}),
    id: 'r.id',
    conditions,
    sort: SORTS[asked.sort ?? 'newest'],
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  return { ...page, rows: page.rows.map(toRow) };
}

/** Open runs that are looked at together at most, the newest. */
export const MOST_OPEN = 200;

const NOTHING: RunWaits = { due: [], holds: [], next: [] };

/** The open runs, newest first, each with what it waits for. */
export async function openRuns(manager: EntityManager): Promise<readonly OpenRunRow[]> {
  const rows = await manager.query<(Row & { readonly waits: RunWaits | null })[]>(
    `select ${ROW}, s.waits ${FROM} left join run_states s on s.run_id = r.id
     where r.finished_at is null and r.archived_at is null
     order by r.started_at desc, r.id desc limit ${String(MOST_OPEN)}`,
  );
  return rows.map((row) => ({ ...toRow(row), waits: row.waits ?? NOTHING }));
}

/** How many timers are over among the open runs. */
export async function countDue(manager: EntityManager, now: number): Promise<number> {
  const [counted] = await manager.query<{ due: number }[]>(
    `select count(*)::int as due
     from runs r join run_states s on s.run_id = r.id
     cross join lateral jsonb_array_elements(s.waits -> 'holds') h
     where r.finished_at is null and r.archived_at is null and (h ->> 'deadline')::float8 <= $1`,
    [now],
  );
  return counted?.due ?? 0;
}

/** The timer that ends next among the open runs. */
export async function nextOver(manager: EntityManager, now: number): Promise<Counts['nextOver'] | null> {
  const [next] = await manager.query<NonNullable<Counts['nextOver']>[]>(
    `select r.id as "runId", m.name || ', ' || l.code as lot, h ->> 'name' as name, (h ->> 'deadline')::float8 as at
     from runs r
     join run_states s on s.run_id = r.id
     join lots l on l.id = r.lot_id
     join materials m on m.id = l.material_id
     cross join lateral jsonb_array_elements(s.waits -> 'holds') h
     where r.finished_at is null and r.archived_at is null and (h ->> 'deadline')::float8 > $1
     order by at limit 1`,
    [now],
  );
  return next ?? null;
}
