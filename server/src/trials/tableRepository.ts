import type { EntityManager } from 'typeorm';
import { AT_A_TIME, BEFORE_ALL, type Row } from '../exports/table';

interface Placed {
  readonly trialId: string;
  readonly at: number;
}

/** Readings as they stand, some at a time: of a plot, plant, trait and day the last one that was kept. */
export async function* readingsToTell(
  manager: EntityManager,
  trialIds: readonly string[] | undefined,
): AsyncGenerator<readonly Row[]> {
  for (let after: Placed = { trialId: BEFORE_ALL, at: 0 }; ;) {
    const rows = await manager.query<(Row & Placed)[]>(
      `select x.trial_id as "trialId", x.seq as at, t.name as trial, p.number as plot, p.block, p.place,
         a.arm ->> 'name' as medium, s.species ->> 'name' as species, nullif(x.plant, 0) as plant, x.trait,
         x.read_on::text as "on", x.read_on - coalesce(a.arm #>> '{own,sownOn}', t.plan #>> '{common,sownOn}')::date as age_d,
         x.value, x.state, array_to_string(x.signs, ', ') as signs,
         (select e.reason from trial_exclusions e where e.plot_id = x.plot_id
          and not exists (select from trial_exclusions l where l.plot_id = e.plot_id and (l.kept_at, l.id) > (e.kept_at, e.id))
          and e.is_out) as left_out, u.name as by
       from trial_readings x join trials t on t.id = x.trial_id join trial_plots p on p.id = x.plot_id
         join users u on u.id = x.by_user
         cross join lateral (select arm from jsonb_array_elements(t.plan -> 'arms') e (arm) where arm ->> 'key' = p.arm) a
         cross join lateral (select species from jsonb_array_elements(t.plan -> 'species') e (species) where species ->> 'key' = p.species) s
       where (x.trial_id, x.seq) > ($1::uuid, $2::int) and ($3::uuid[] is null or x.trial_id = any ($3))
         and not exists (select from trial_readings l where l.trial_id = x.trial_id and l.read_on = x.read_on
           and l.plot_id = x.plot_id and l.plant = x.plant and l.trait = x.trait and l.seq > x.seq)
       order by x.trial_id, x.seq limit ${String(AT_A_TIME.figures)}`,
      [after.trialId, after.at, trialIds ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = last;
  }
}

/** What happened in trials: waterings, changes, mishaps. */
export const eventsToTell = (manager: EntityManager, trialIds: readonly string[] | undefined): Promise<Row[]> =>
  manager.query<Row[]>(
    `select t.name as trial, e.happened_on::text as "on", e.kind, a.arm ->> 'name' as medium, e.water_ml as "water_mL",
       case e.kept_up when true then 'yes' when false then 'no' end as kept_up, e.words, u.name as by
     from trial_events e join trials t on t.id = e.trial_id join users u on u.id = e.by_user
       left join lateral (select arm from jsonb_array_elements(t.plan -> 'arms') f (arm) where f.arm ->> 'key' = e.arm) a on true
     where $1::uuid[] is null or e.trial_id = any ($1) order by t.name, e.happened_on, e.kept_at`,
    [trialIds ?? null],
  );
