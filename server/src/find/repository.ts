import type { Found } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';

/** As alike as that words must be to parts of a name, in the mean: a letter or two of each may be wrong. */
const ALIKE = 0.5;
/** As many of each kind, and in all; letters of a name and its other names that a mistyped word is looked for in. */
const MOST = Object.freeze({ each: 6, all: 24, letters: 300 });

interface Row extends Omit<Found, 'about'> {
  readonly about: string | null;
}

/** Names that are looked through, each with what tells it from others, how new it is, and whether it is at hand. */
const NAMED = `
  select 'lot' as kind, l.id, concat_ws(', ', m.name, l.code) as title, nullif(array_to_string(m.aliases, ', '), '') as about,
    l.created_at as at, concat_ws(' ', m.name, l.code, array_to_string(m.aliases, ' '), l.source) as words,
    l.archived_at is null and m.archived_at is null as at_hand
  from lots l join materials m on m.id = l.material_id
  union all
  select 'blend', b.id, b.name, null, b.created_at, b.name, b.archived_at is null from blends b
  union all
  select 'card', c.id, concat_ws(', ', m.name, l.code), r.body ->> 'label', c.created_at,
    concat_ws(' ', m.name, l.code, c.sample_code), c.archived_at is null
  from scorecards c join revealed_cards v on v.id = c.id join lots l on l.id = c.lot_id
    join materials m on m.id = l.material_id
    join rubrics r on r.key = c.rubric_key and r.version = c.rubric_version
  union all
  select 'pot', p.id, p.name, concat_ws(', ', p.plant, coalesce(p.place, pl.name)), p.kept_at,
    concat_ws(' ', p.name, p.plant, p.place, pl.name), p.archived_at is null
  from filled_pots p left join places pl on pl.id = p.place_id
  union all
  select 'place', id, name, null, kept_at, name, true from places
  union all
  select 'supplier', id, name, null, kept_at, name, true from suppliers
  union all
  select 'class', id, name, plan ->> 'title', began_at, name || ' ' || (plan ->> 'title'), true from classes
  union all
  select 'trial', id, name, plan ->> 'question', kept_at, name, archived_at is null from trials
  union all
  select 'vessel', id, name, null, created_at, name, archived_at is null from vessels
  union all
  select 'instrument', id, name, null, created_at, name, true from instruments
  union all
  select 'person', id, name, null, null, name, archived_at is null from users`;

const byName = (manager: EntityManager, asked: string): Promise<Row[]> =>
  manager.query<Row[]>(
    `select kind, id, title, about from (
       select *, row_number() over (partition by kind order by alike desc, at_hand desc, at desc nulls last, id) as place
       from (
         select n.*, case when lower(n.words) like $2 then 1.2 when lower(n.words) like '%' || $2 then 1.1
           else (select avg(word_similarity(w, left(lower(n.words), ${String(MOST.letters)}))) from regexp_split_to_table(lower($1), '\\s+') w) end
           - case when n.at_hand then 0 else 0.3 end as alike
         from (${NAMED}) n
       ) s where alike > ${String(ALIKE)}
     ) f where place <= ${String(MOST.each)} order by alike desc, at desc nulls last, id limit ${String(MOST.all)}`,
    [asked, `${asked.toLowerCase().replaceAll(/[\\%_]/g, String.raw`\$&`)}%`],
  );

const RUN = `select 'run' as kind, r.id, r.number::text as title,
    concat_ws(', ', m.name, l.code, p.body ->> 'label', r.group_name) as about
  from runs r join lots l on l.id = r.lot_id join materials m on m.id = l.material_id
    join protocols p on p.key = r.protocol_key and p.version = r.protocol_version`;

/** Runs by their number, or by the group that they were given to; the newest first. */
const byNumber = (manager: EntityManager, asked: string): Promise<Row[]> => {
  const number = /^(?:run\s*)?#?(\d{1,9})$/i.exec(asked)?.[1];
  return number === undefined
    ? manager.query<Row[]>(
        `${RUN} where lower(r.group_name) like lower($1) || '%' order by r.number desc limit ${String(MOST.each)}`,
        [asked],
      )
    : manager.query<Row[]>(`${RUN} where r.number = $1`, [Number(number)]);
};

/** Notes of runs and lines of diaries that have all the words. */
const byText = (manager: EntityManager, asked: string): Promise<Row[]> =>
  manager.query<Row[]>(
    `(select 'note' as kind, n.run_id as id, left(n.text, 120) as title, r.number::text as about
      from run_notes n join runs r on r.id = n.run_id
      where to_tsvector('simple', n.text) @@ websearch_to_tsquery('simple', $1)
      order by n.kept_at desc limit ${String(MOST.each)})
     union all
     (select 'diary', e.pot_id, left(e.words, 120), p.name
      from pot_entries e join filled_pots p on p.id = e.pot_id
      where e.words is not null and to_tsvector('simple', e.words) @@ websearch_to_tsquery('simple', $1)
      order by e.at desc limit ${String(MOST.each)})`,
    [asked],
  );

/** What answers to some words: names first, the most alike before the others, then runs, then what was written. */
export async function findBy(manager: EntityManager, asked: string): Promise<readonly Row[]> {
  const [runs, names, texts] = [
    await byNumber(manager, asked),
    await byName(manager, asked),
    await byText(manager, asked),
  ];
  return [...runs, ...names, ...texts];
}
