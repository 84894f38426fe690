import type { LifeNode } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';

export interface LifeRow extends Omit<LifeNode, 'at' | 'number' | 'readings' | 'leftOut'> {
  readonly at: Date;
  readonly number: number | null;
  readonly readings: number | null;
  readonly leftOut: number | null;
}

/** Finished runs of a lot, the newest first: what its card rests on. */
export const runsBehind = (manager: EntityManager, lotId: string): Promise<LifeRow[]> =>
  manager.query<LifeRow[]>(
    `select 'run' as kind, r.id, p.body ->> 'label' as title, r.number, r.finished_at as at,
       (select count(*)::int from readings x where x.run_id = r.id) as readings,
       (select count(distinct e.replicate)::int from exclusions e where e.run_id = r.id
          and not exists (select from taken_back b where b.exclusion_id = e.id)) as "leftOut"
     from runs r join protocols p on p.key = r.protocol_key and p.version = r.protocol_version
     where r.lot_id = $1 and r.finished_at is not null and r.archived_at is null
     order by r.finished_at desc, r.id`,
    [lotId],
  );

const HOLDS = `v.flat @> jsonb_build_array(jsonb_build_object('lotId', $1::text))`;

/** Whatever rests on a lot: blends and their batches, lots prepared of it, revealed cards, pots, trials, claims; the newest first. */
export const usesOf = (manager: EntityManager, lotId: string): Promise<LifeRow[]> =>
  manager.query<LifeRow[]>(
    `select *, null::int as readings, null::int as "leftOut" from (
       select 'blend' as kind, b.id, b.name as title, max(v.n) as number, max(v.kept_at) as at
       from blend_versions v join blends b on b.id = v.blend_id where ${HOLDS} group by b.id
       union all
       select 'batch', l.id, concat(m.name, ', ', l.code), null, l.created_at
       from lots l join materials m on m.id = l.material_id join blend_versions v on v.id = l.blend_version_id where ${HOLDS}
       union all
       select 'prepared', l.id, concat(m.name, ', ', l.code), null, l.created_at
       from lots l join materials m on m.id = l.material_id where l.prepared_from = $1::uuid
       union all
       select 'card', c.id, r.body ->> 'label', null, c.created_at
       from scorecards c join revealed_cards w on w.id = c.id
         join rubrics r on r.key = c.rubric_key and r.version = c.rubric_version where c.lot_id = $1::uuid
       union all
       select 'pot', p.id, p.name, null, p.kept_at
       from filled_pots p join pots_now h on h.id = p.id
         left join blend_versions v on v.blend_id = h.blend_id and v.n = h.blend_n
       where h.lot_id = $1::uuid or ${HOLDS}
       union all
       select 'trial', t.id, t.name, null, t.kept_at
       from trials t where t.plan -> 'arms' @> jsonb_build_array(jsonb_build_object('mediumId', $1::text))
       union all
       select 'claims', s.lot_id, m.name, max(s.version), max(s.kept_at)
       from claims_sheets s join lots l on l.id = s.lot_id join materials m on m.id = l.material_id
       where s.lot_id = $1::uuid group by s.lot_id, m.name
     ) u order by at desc, id`,
    [lotId],
  );
