import type { EntityManager } from 'typeorm';

export type Shelved = 'blends' | 'scorecards' | 'filled_pots' | 'trials';

/** A thing, held until the transaction ends: whether it was there. */
export async function holdThing(manager: EntityManager, table: Shelved, id: string): Promise<boolean> {
  const rows = await manager.query<unknown[]>(`select 1 from ${table} where id = $1 for update`, [id]);
  return rows.length > 0;
}

export async function shelve(
  manager: EntityManager,
  table: Shelved,
  { id, at }: { readonly id: string; readonly at: Date | null },
): Promise<void> {
  await manager.query(
    `update ${table} set archived_at = $2 where id = $1 and (archived_at is null) <> ($2::timestamptz is null)`,
    [id, at],
  );
}

const names = async (manager: EntityManager, sql: string, value: unknown): Promise<readonly string[]> =>
  (await manager.query<{ name: string }[]>(sql, [value])).map(({ name }) => name);

const NOT_EMPTIED = `not exists (select 1 from pot_entries e where e.pot_id = p.id and e.kind = 'emptied')`;
const IS_GROWN = 't.finished_at is null and t.archived_at is null';
const NEWEST = 'select distinct on (v.blend_id) v.* from blend_versions v order by v.blend_id, v.n desc';

/** What is at hand and rests on some lots: blends by their newest version, pots that are grown in, open runs, trials. */
export const restsOnLots = (manager: EntityManager, lotIds: readonly string[]): Promise<readonly string[]> =>
  names(
    manager,
    `select b.name from blends b join (${NEWEST}) v on v.blend_id = b.id
     where b.archived_at is null
       and exists (select 1 from jsonb_array_elements(v.flat) f where f ->> 'lotId' = any ($1::text[]))
     union all
     select p.name from filled_pots p join pots_now h on h.id = p.id where h.lot_id::text = any ($1) and ${NOT_EMPTIED}
     union all
     select 'run ' || r.number from runs r
     where r.lot_id::text = any ($1) and r.finished_at is null and r.archived_at is null
     union all
     select t.name from trials t where ${IS_GROWN} and exists (
       select 1 from jsonb_array_elements(t.plan -> 'arms') a where a ->> 'mediumId' = any ($1))`,
    lotIds,
  );

/** What is at hand and rests on a blend. */
export const restsOnBlend = (manager: EntityManager, blendId: string): Promise<readonly string[]> =>
  names(
    manager,
    `select b.name from blends b join (${NEWEST}) v on v.blend_id = b.id
     where b.archived_at is null and b.id::text <> $1
       and exists (select 1 from jsonb_array_elements(v.recipe -> 'lines') f where f #>> '{blend,id}' = $1)
     union all
     select p.name from filled_pots p join pots_now h on h.id = p.id where h.blend_id::text = $1 and ${NOT_EMPTIED}
     union all
     select t.name from trials t where ${IS_GROWN}
       and t.plan -> 'arms' @> jsonb_build_array(jsonb_build_object('mediumId', $1::text))`,
    blendId,
  );

/** Whether a pot was emptied. */
export const isEmptied = async (manager: EntityManager, potId: string): Promise<boolean> =>
  (await manager.query<unknown[]>(`select 1 from pot_entries where pot_id = $1 and kind = 'emptied'`, [potId])).length >
  0;

/** Whether a trial is sown and not finished. */
export const isGrown = async (manager: EntityManager, trialId: string): Promise<boolean> =>
  (
    await manager.query<unknown[]>(
      'select 1 from trials where id = $1 and laid_out_at is not null and finished_at is null',
      [trialId],
    )
  ).length > 0;
