import type { ChangeRow } from '@bent-pail/contract';
import type { Source } from './source';

/** What stood in a field: a list as words with commas, an object not at all. */
const SAID = (value: string): string => `case jsonb_typeof(${value})
    when 'object' then null
    when 'number' then trim_scale((${value})::numeric)::text
    when 'array' then (select string_agg(e #>> '{}', ', ') from jsonb_array_elements(${value}) e where jsonb_typeof(e) <> 'object')
    else ${value} #>> '{}' end`;

/** Tables whose rows are edited: what a row of each is, and is called. */
const EDITED: readonly {
  readonly of: ChangeRow['of']['kind'];
  readonly table: string;
  readonly title: string;
  readonly from?: string;
  readonly id?: string;
  readonly lot?: string;
}[] = [
  { of: 'material', table: 'materials', title: 't.name' },
  {
    of: 'lot',
    table: 'lots',
    title: `concat(m.name, ', ', t.code)`,
    from: 'join materials m on m.id = t.material_id',
    lot: 't.id',
  },
  { of: 'blend', table: 'blends', title: 't.name' },
  {
    of: 'card',
    table: 'scorecards',
    title: `concat(m.name, ', ', l.code)`,
    from: 'join revealed_cards v on v.id = t.id join lots l on l.id = t.lot_id join materials m on m.id = l.material_id',
    lot: 'l.id',
  },
  { of: 'pot', table: 'filled_pots', title: 't.name' },
  { of: 'pot-result', table: 'pot_results', title: 't.name' },
  { of: 'vessel', table: 'vessels', title: 't.name' },
  { of: 'person', table: 'users', title: 't.name' },
  { of: 'notebook', table: 'notebook', title: 't.place', id: `'00000000-0000-0000-0000-000000000001'::uuid` },
  { of: 'place', table: 'places', title: 't.name' },
  { of: 'supplier', table: 'suppliers', title: 't.name' },
  { of: 'trial', table: 'trials', title: 't.name' },
];

/** Rows of guides were dropped once: those are called as they were. */
const GUIDES = {
  of: `case when t.kind = 'plant' or x.field = 'dropped.plant' then 'plant' else 'use' end as of`,
  title: `coalesce(t.content ->> 'label', t.content ->> 'name', x.old #>> '{}') as title`,
};

const FIELD = `x.thing || '.' || x.field`;
const AWAY = `x.field = 'archived_at'`;
type Edit = 'edited' | 'put-away' | 'brought-back';

const told = (kind: Edit, where: string): Pick<Source, 'kind' | 'where' | 'field'> => ({
  kind,
  where,
  ...(kind === 'edited' ? { field: FIELD } : {}),
});
const oldAndNew = (kind: Edit): string =>
  `${kind === 'edited' ? `${SAID('x.old')} as old, ${SAID('x.new')} as new` : 'null as old, null as new'}, null as reason`;

const editsOf = (kind: Edit, where: string): Source[] => [
  ...EDITED.map(({ of, table, title, from = '', id = 't.id', lot }): Source => ({
    ...told(kind, where),
    columns: `x.id, '${of}' as of, ${id} as of_id, null::int as number, ${title} as title, null as part, ${oldAndNew(kind)}`,
    from: `edits x join ${table} t on x.thing = '${table}' and t.id::text = x.thing_id ${from}`,
    ...(lot === undefined ? {} : { lot }),
  })),
  {
    ...told(kind, `x.thing = 'guides' and ${where}`),
    columns: `x.id, ${GUIDES.of}, x.thing_id::uuid as of_id, null::int as number, ${GUIDES.title}, null as part, ${oldAndNew(kind)}`,
    from: 'edits x left join guides t on t.id::text = x.thing_id',
  },
];

/** Edits of rows, and rows that were put away and brought back. */
export const EDITS: readonly Source[] = [
  ...editsOf('edited', `not ${AWAY}`),
  ...editsOf('put-away', `${AWAY} and x.new is not null`),
  ...editsOf('brought-back', `${AWAY} and x.new is null`),
];
