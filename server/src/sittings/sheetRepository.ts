import type { Me, Page, SheetRow, SheetsAsked } from '@bent-pail/contract';
import { IsNull, type EntityManager } from 'typeorm';
import { Conditions, readPage, type SortBy } from '../database/paging';
import { RaterEntity, RatingEntity } from '../scores/entities';

/**
 * Those to be handed in come before the last that were; sittings as they were opened, the samples of one in the rater's
 * own order.
 */
const OUT_FIRST: SortBy = {
  sql: `case when coalesce(o.handed_in_at, o.excused_at) is null
    then timestamptz '9000-01-01' + (g.opened_at - timestamptz '2000-01-01') - make_interval(secs => o.place)
    else coalesce(o.handed_in_at, o.excused_at) end`,
  type: 'timestamptz',
  usual: 'down',
};

/** One page of a rater's own sheets. */
export async function pageOfSheets(
  manager: EntityManager,
  me: Me,
  asked: SheetsAsked,
  zone: string,
): Promise<Page<SheetRow>> {
  const conditions = new Conditions();
  conditions.and(`o.user_id = ${conditions.value(me.id)}`);
  conditions.find(asked.find, `concat_ws(' ', s.sample_code, b.body ->> 'label', g.label)`);
  if (asked.state !== undefined)
    conditions.and(
      asked.state === 'out' ? 'o.handed_in_at is null and o.excused_at is null' : 'o.handed_in_at is not null',
    );
  conditions.days('s.created_at', asked, zone);
  const page = await readPage<SheetRow & { readonly sort_value: string; readonly sort_id: string }>(manager, {
    select: `s.id as "scorecardId", g.label as "sittingLabel", s.sample_code as "sampleCode",
      b.body ->> 'label' as "rubricLabel", o.handed_in_at is not null as "handedIn", o.excused_at is not null as excused,
      (select count(*)::int from ratings t where t.scorecard_id = s.id and t.user_id = o.user_id) as marked,
      (select count(*)::int from jsonb_array_elements(b.body -> 'criteria') c where c -> 'source' ->> 'from' = 'panel') as criteria,
      (select count(*)::int from scorecard_raters r where r.scorecard_id = s.id and r.excused_at is null) as raters,
      (select count(*)::int from scorecard_raters r where r.scorecard_id = s.id and r.handed_in_at is not null) as "ratersIn"`,
    from: `
      from scorecard_raters o
      join scorecards s on s.id = o.scorecard_id
      join sittings g on g.id = s.sitting_id
      join rubrics b on b.key = s.rubric_key and b.version = s.rubric_version`,
    id: 's.id',
    conditions,
    sort: OUT_FIRST,
    asked,
  });
  return { ...page, rows: page.rows.map(({ sort_value, sort_id, ...row }) => row) };
}

/** Sheets that somebody has not handed in yet. */
export const sheetsOut = (manager: EntityManager, me: Me): Promise<number> =>
  manager.countBy(RaterEntity, { userId: me.id, handedInAt: IsNull(), excusedAt: IsNull() });

/** A rater's place on a card, held until the transaction ends where that is asked for. */
export const placeOf = (
  manager: EntityManager,
  scorecardId: string,
  userId: string,
  hold: boolean,
): Promise<RaterEntity | null> =>
  manager.findOne(RaterEntity, {
    where: { scorecardId, userId },
    ...(hold ? { lock: { mode: 'pessimistic_write' } as const } : {}),
  });

/** What one rater has marked on a card. */
export const ownRatings = (manager: EntityManager, scorecardId: string, userId: string): Promise<RatingEntity[]> =>
  manager.findBy(RatingEntity, { scorecardId, userId });

/** A rating goes over the one before it: until the sheet is handed in it is nobody's but the rater's. */
export async function keepRating(manager: EntityManager, rating: RatingEntity): Promise<void> {
  await manager.upsert(RatingEntity, rating, ['scorecardId', 'userId', 'criterion']);
}

export async function changePlace(
  manager: EntityManager,
  { scorecardId, userId }: RaterEntity,
  change: Partial<Pick<RaterEntity, 'handedInAt' | 'knows'>>,
): Promise<void> {
  await manager.update(RaterEntity, { scorecardId, userId }, change);
}
