import type { ChangeRow, HistoryAsked } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { EDITS } from './editsRepository';
import type { Source } from './source';
import { OF_TRIALS } from './trialsRepository';

export interface ChangeFound extends Omit<
  ChangeRow,
  'at' | 'by' | 'of' | 'number' | 'part' | 'field' | 'old' | 'new' | 'reason'
> {
  readonly at: Date;
  readonly of: ChangeRow['of']['kind'];
  readonly ofId: string;
  readonly number: number | null;
  readonly by: string | null;
  readonly part: string | null;
  readonly field: string | null;
  readonly old: string | null;
  readonly new: string | null;
  readonly reason: string | null;
}

const OF_A_RUN = `'run' as of, r.id as of_id, r.number, concat(m.name, ', ', l.code) as title`;
const RUN_OF = (one: string): string =>
  `join runs r on r.id = ${one}.run_id join lots l on l.id = r.lot_id join materials m on m.id = l.material_id`;
/** What a step, or a criterion, is called on its sheet. */
const STEP = (key: string): string => `(select s ->> 'label' from protocols p, jsonb_array_elements(p.body -> 'steps') s
    where p.key = r.protocol_key and p.version = r.protocol_version and s ->> 'key' = ${key})`;
const CRITERION = `(select k ->> 'label' from rubrics q, jsonb_array_elements(q.body -> 'criteria') k
    where q.key = c.rubric_key and q.version = c.rubric_version and k ->> 'name' = x.criterion)`;
const LETTER = (replicate: string): string => `chr(65 + ${replicate})`;
const OF_A_CARD = `'card' as of, c.id as of_id, null::int as number, concat(m.name, ', ', l.code) as title`;
const CARD_OF = (one: string): string => `join scorecards c on c.id = ${one}.scorecard_id
  join revealed_cards v on v.id = c.id join lots l on l.id = c.lot_id join materials m on m.id = l.material_id`;

const SOURCES: readonly Source[] = [
  {
    kind: 'corrected',
    columns: `x.id, ${OF_A_RUN}, concat(${STEP('x.step')}, ', ', ${LETTER('x.replicate')}) as part,
      concat(o.value, ' ', o.unit) as old, concat(x.value, ' ', x.unit) as new, x.reason`,
    from: `readings x join readings o on o.id = x.corrects ${RUN_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'taken-back',
    columns: `x.id, ${OF_A_RUN}, concat(${STEP('o.step')}, ', ', ${LETTER('o.replicate')}) as part,
      concat(o.value, ' ', o.unit) as old, null as new, null as reason`,
    from: `taken_back x join readings o on o.id = x.reading_id ${RUN_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'excluded',
    columns: `x.id, ${OF_A_RUN}, ${LETTER('x.replicate')} as part, null as old, null as new, x.reason`,
    from: `exclusions x ${RUN_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'counted',
    columns: `x.id, ${OF_A_RUN}, ${LETTER('o.replicate')} as part, null as old, null as new, null as reason`,
    from: `taken_back x join exclusions o on o.id = x.exclusion_id ${RUN_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'reopened',
    columns: `x.id, ${OF_A_RUN}, null as part, null as old, null as new, x.reason`,
    from: `run_reopenings x ${RUN_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'put-away',
    columns: `x.id, ${OF_A_RUN}, null as part, null as old, null as new, x.reason`,
    from: `run_archivings x ${RUN_OF('x')}`,
    where: 'x.archived',
    lot: 'l.id',
  },
  {
    kind: 'brought-back',
    columns: `x.id, ${OF_A_RUN}, null as part, null as old, null as new, x.reason`,
    from: `run_archivings x ${RUN_OF('x')}`,
    where: 'not x.archived',
    lot: 'l.id',
  },
  {
    kind: 'filling',
    columns: `x.id, 'vessel' as of, s.id as of_id, null::int as number, s.name as title, null as part,
      concat(o.full_g, ' g') as old, concat(x.full_g, ' g') as new, x.reason`,
    from: 'vessel_fillings x join vessel_fillings o on o.id = x.corrects join vessels s on s.id = x.vessel_id',
  },
  {
    kind: 'version',
    columns: `x.id, 'blend' as of, b.id as of_id, null::int as number, b.name as title, null as part,
      case when x.n > 1 then (x.n - 1)::text end as old, x.n::text as new, x.reason`,
    from: 'blend_versions x join blends b on b.id = x.blend_id',
  },
  {
    kind: 'verdict',
    columns: `md5(x.line_id || x.version)::uuid as id, 'verdict' as of, md5(x.line_id)::uuid as of_id, null::int as number, x.line_id as title,
      null as part, null as old, x.says as new, x.because as reason`,
    from: 'verdict_changes x',
  },
  {
    kind: 'override',
    columns: `x.id, ${OF_A_CARD}, ${CRITERION} as part, null as old, x.value::text as new, x.reason`,
    from: `score_overrides x ${CARD_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'agreed',
    columns: `x.id, ${OF_A_CARD}, ${CRITERION} as part, null as old, x.value::text as new, x.reason`,
    from: `agreed_marks x ${CARD_OF('x')}`,
    lot: 'l.id',
  },
  {
    kind: 'price',
    columns: `x.id, 'lot' as of, l.id as of_id, null::int as number, concat(m.name, ', ', l.code) as title, null as part, null as old,
      x.price::text as new, x.place as reason`,
    from: 'prices x join lots l on l.id = x.lot_id join materials m on m.id = l.material_id',
    lot: 'l.id',
  },
  {
    kind: 'claims',
    columns: `md5(x.lot_id::text || x.version)::uuid as id, 'lot' as of, l.id as of_id, null::int as number, concat(m.name, ', ', l.code) as title,
      null as part, case when x.version > 1 then (x.version - 1)::text end as old,
      x.version::text as new, null as reason`,
    from: 'claims_sheets x join lots l on l.id = x.lot_id join materials m on m.id = l.material_id',
    lot: 'l.id',
  },
  {
    kind: 'method',
    columns: `md5(x.key || x.version)::uuid as id, 'protocol' as of, md5(x.key)::uuid as of_id, null::int as number, x.body ->> 'label' as title,
      null as part, case when x.version > 1 then (x.version - 1)::text end as old,
      x.version::text as new, null as reason`,
    from: 'protocols x',
  },
  {
    kind: 'method',
    columns: `md5(x.key || x.version)::uuid as id, 'rubric' as of, md5(x.key)::uuid as of_id, null::int as number, x.body ->> 'label' as title,
      null as part, case when x.version > 1 then (x.version - 1)::text end as old,
      x.version::text as new, null as reason`,
    from: 'rubrics x',
  },
  {
    kind: 'year-closed',
    columns: `x.id, 'year' as of, x.id as of_id, null::int as number, x.label as title, null as part, null as old, null as new, null as reason`,
    from: '(select *, closed_at as kept_at from closed_years) x',
  },
  {
    kind: 'year-opened',
    columns: `x.id, 'year' as of, x.id as of_id, null::int as number, x.label as title, null as part, null as old, null as new,
      x.opened_because as reason`,
    from: '(select id, label, opened_because, opened_by as by_user, opened_at as kept_at from closed_years) x',
  },
  ...OF_TRIALS,
  ...(['group-out', 'group-in'] as const).map((kind): Source => ({
    kind,
    columns: `x.id, 'class' as of, c.id as of_id, null::int as number, c.name as title, concat(g.number, ', ', s.code) as part,
      null as old, null as new, x.reason`,
    from: `class_exclusions x join class_groups g on g.id = x.group_id join classes c on c.id = g.class_id
      join class_samples s on s.id = x.sample_id`,
    where: kind === 'group-out' ? 'x.is_out' : 'not x.is_out',
    lot: 's.lot_id',
  })),
  {
    kind: 'class-wiped',
    columns: `x.id, 'class' as of, x.id as of_id, null::int as number, '' as title, null as part,
      x.readings::text as old, null as new, null as reason`,
    from: '(select *, wiped_at as kept_at from class_wipes) x',
  },
];

const ALL: readonly Source[] = [...SOURCES, ...EDITS];

/** Changes, the newest first; each source gives no more than are asked for. */
export async function changesOf(
  manager: EntityManager,
  { person, kind, lot, day, before }: HistoryAsked,
  { zone, most }: { readonly zone: string; readonly most: number },
): Promise<readonly ChangeFound[]> {
  const values: unknown[] = [];
  const value = (one: unknown): string => `$${String(values.push(one))}`;
  const [by, of, from, until, in_] = [
    person === undefined ? undefined : value(person),
    lot === undefined ? undefined : value(lot),
    day === undefined ? undefined : value(day),
    before === undefined ? undefined : value(before),
    day === undefined ? undefined : value(zone),
  ];
  const parts = ALL.filter(
    (source) => (kind === undefined || source.kind === kind) && (lot === undefined || source.lot !== undefined),
  ).map((source) => {
    const conditions = [
      // Some of those rows came without anybody; an edit past the server is told all the same.
      ...(source.field === undefined ? ['x.by_user is not null'] : []),
      ...(source.where === undefined ? [] : [source.where]),
      ...(by === undefined ? [] : [`x.by_user = ${by}::uuid`]),
      ...(of === undefined ? [] : [`${source.lot ?? ''} = ${of}::uuid`]),
      ...(from === undefined || in_ === undefined
        ? []
        : [
            `x.kept_at >= ${from}::date::timestamp at time zone ${in_}`,
            `x.kept_at < (${from}::date + 1)::timestamp at time zone ${in_}`,
          ]),
      ...(until === undefined ? [] : [`x.kept_at < ${until}::timestamptz`]),
    ];
    return `(select '${source.kind}' as kind, x.kept_at as at, x.by_user as by_user, ${source.field ?? 'null'} as field, ${source.columns}
      from ${source.from} where ${conditions.join(' and ')} order by x.kept_at desc limit ${String(most)})`;
  });
  // A kind that is never of a lot, asked for of one.
  if (parts.length === 0) return [];
  return manager.query<ChangeFound[]>(
    `select x.id, x.kind, x.at, u.name as by, x.of, x.of_id as "ofId", x.number, x.title, x.part, x.field, x.old, x.new, x.reason
     from (${parts.join(' union all ')}) x left join users u on u.id = x.by_user
     order by x.at desc, x.id limit ${String(most)}`,
    values,
  );
}
