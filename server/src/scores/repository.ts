import type { Me, Page, ScorecardsAsked } from '@bent-pail/contract';
import { In, IsNull, type EntityManager } from 'typeorm';
import { RaterEntity, ScorecardEntity } from './entities';
import { Conditions, readPage, type SortBy } from '../database/paging';

const FROM = `
  from scorecards s
  join lots l on l.id = s.lot_id
  join materials m on m.id = l.material_id`;

const SORTS: Readonly<Record<NonNullable<ScorecardsAsked['sort']>, SortBy>> = {
  newest: { sql: 's.created_at', type: 'timestamptz', usual: 'down' },
  name: { sql: `lower(m.name || ', ' || l.code)`, type: 'text', usual: 'up' },
};

const STILL_OUT = 'exists (select 1 from scorecard_raters r where r.scorecard_id = s.id and r.handed_in_at is null)';

/** One page of the scorecards. */
export async function pageOfScorecards(
  manager: EntityManager,
  asked: ScorecardsAsked,
  zone: string,
): Promise<Page<ScorecardEntity>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', m.name, l.code, s.sample_code)`);
  if (asked.lot !== undefined) conditions.and(`s.lot_id = ${conditions.value(asked.lot)}`);
  if (asked.state !== undefined) conditions.and(asked.state === 'open' ? STILL_OUT : `not ${STILL_OUT}`);
  if (asked.person !== undefined)
    conditions.and(
      `exists (select 1 from scorecard_raters r where r.scorecard_id = s.id and r.user_id = ${conditions.value(asked.person)})`,
    );
  conditions.days('s.created_at', asked, zone);
  const page = await readPage<{ readonly id: string }>(manager, {
    select: 's.id',
    from: FROM,
    id: 's.id',
    conditions,
    sort: SORTS[asked.sort ?? 'newest'],
    asked,
  });
  const cards = await manager.findBy(ScorecardEntity, { id: In(page.rows.map(({ id }) => id)) });
  return { ...page, rows: page.rows.flatMap(({ id }) => cards.find((card) => card.id === id) ?? []) };
}

/** Sheets that somebody has not handed in yet. */
export function sheetsOut(manager: EntityManager, me: Me): Promise<number> {
  return manager.countBy(RaterEntity, { userId: me.id, handedInAt: IsNull() });
}
