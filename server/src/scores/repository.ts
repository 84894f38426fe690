import type { Me, Page, ScorecardsAsked, SheetRow, SheetsAsked } from '@bent-pail/contract';
import type { Rubric } from '@bent-pail/core';
import { In, IsNull, type EntityManager } from 'typeorm';
import { AgreedMarkEntity, RaterEntity, RatingEntity, RubricEntity, ScorecardEntity } from './entities';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';

const FROM = `
  from scorecards s
  join lots l on l.id = s.lot_id
  join materials m on m.id = l.material_id`;

const SORTS: Readonly<Record<NonNullable<ScorecardsAsked['sort']>, SortBy>> = {
  newest: { sql: 's.created_at', type: 'timestamptz', usual: 'down' },
  name: { sql: `lower(m.name || ', ' || l.code)`, type: 'text', usual: 'up' },
};

const STILL_OUT = 'exists (select 1 from scorecard_raters r where r.scorecard_id = s.id and r.handed_in_at is null)';

const GROUPS: Readonly<Record<NonNullable<ScorecardsAsked['group']>, GroupBy>> = {
  state: { sql: `case when ${STILL_OUT} then 'open' else 'revealed' end`, order: 'up' },
};

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
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  const cards = await manager.findBy(ScorecardEntity, { id: In(page.rows.map(({ id }) => id)) });
  return { ...page, rows: page.rows.flatMap(({ id }) => cards.find((card) => card.id === id) ?? []) };
}

/** Those to be handed in come before the last that were. */
const OUT_FIRST: SortBy = { sql: `coalesce(o.handed_in_at, 'infinity')`, type: 'timestamptz', usual: 'down' };

/** One page of a rater's own sheets. */
export async function pageOfSheets(
  manager: EntityManager,
  me: Me,
  asked: SheetsAsked,
  zone: string,
): Promise<Page<SheetRow>> {
  const conditions = new Conditions();
  conditions.and(`o.user_id = ${conditions.value(me.id)}`);
  conditions.find(asked.find, `concat_ws(' ', s.sample_code, b.body ->> 'label')`);
  if (asked.state !== undefined) conditions.and(`o.handed_in_at is ${asked.state === 'out' ? '' : 'not '}null`);
  conditions.days('s.created_at', asked, zone);
  const page = await readPage<SheetRow & { readonly sort_value: string; readonly sort_id: string }>(manager, {
    select: `s.id as "scorecardId", s.sample_code as "sampleCode", b.body ->> 'label' as "rubricLabel",
      o.handed_in_at is not null as "handedIn",
      (select count(*)::int from ratings t where t.scorecard_id = s.id and t.user_id = o.user_id) as marked,
      (select count(*)::int from jsonb_array_elements(b.body -> 'criteria') c where c -> 'source' ->> 'from' = 'panel') as criteria,
      (select count(*)::int from scorecard_raters r where r.scorecard_id = s.id) as raters,
      (select count(*)::int from scorecard_raters r where r.scorecard_id = s.id and r.handed_in_at is not null) as "ratersIn"`,
    from: `
      from scorecard_raters o
      join scorecards s on s.id = o.scorecard_id
      join rubrics b on b.key = s.rubric_key and b.version = s.rubric_version`,
    id: 's.id',
    conditions,
    sort: OUT_FIRST,
    asked,
  });
  return { ...page, rows: page.rows.map(({ sort_value, sort_id, ...row }) => row) };
}

/** Sheets that somebody has not handed in yet. */
export function sheetsOut(manager: EntityManager, me: Me): Promise<number> {
  return manager.countBy(RaterEntity, { userId: me.id, handedInAt: IsNull() });
}

export const countScorecards = (manager: EntityManager): Promise<number> => manager.count(ScorecardEntity);

export const scorecardOf = (manager: EntityManager, id: string): Promise<ScorecardEntity | null> =>
  manager.findOneBy(ScorecardEntity, { id });

/** The rubric of a card, at the version that it was begun with. */
export async function rubricOf(manager: EntityManager, card: ScorecardEntity): Promise<Rubric> {
  const row = await manager.findOneByOrFail(RubricEntity, { key: card.rubricKey, version: card.rubricVersion });
  return row.body;
}

export const ratersOf = (manager: EntityManager, scorecardId: string): Promise<RaterEntity[]> =>
  manager.findBy(RaterEntity, { scorecardId });

/** All ratings of a card, or those of one rater. */
export const ratingsOf = (manager: EntityManager, scorecardId: string, userId?: string): Promise<RatingEntity[]> =>
  manager.findBy(RatingEntity, { scorecardId, ...(userId === undefined ? {} : { userId }) });

export async function insertScorecard(
  manager: EntityManager,
  card: ScorecardEntity,
  raterIds: readonly string[],
): Promise<void> {
  await manager.insert(ScorecardEntity, card);
  for (const userId of raterIds) await manager.insert(RaterEntity, { scorecardId: card.id, userId, handedInAt: null });
}

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

/** A rating goes over the one before it: until the sheet is handed in it is nobody's but the rater's. */
export async function keepRating(manager: EntityManager, rating: RatingEntity): Promise<void> {
  await manager.upsert(RatingEntity, rating, ['scorecardId', 'userId', 'criterion']);
}

export async function markHandedIn(
  manager: EntityManager,
  { scorecardId, userId }: RaterEntity,
  handedInAt: Date,
): Promise<void> {
  await manager.update(RaterEntity, { scorecardId, userId }, { handedInAt });
}

/** The newest value that was agreed on for each criterion of a card. */
export const agreedOf = (manager: EntityManager, scorecardId: string): Promise<AgreedMarkEntity[]> =>
  manager
    .createQueryBuilder(AgreedMarkEntity, 'agreed')
    .distinctOn(['agreed.criterion'])
    .where('agreed.scorecard_id = :scorecardId', { scorecardId })
    .orderBy('agreed.criterion')
    .addOrderBy('agreed.kept_at', 'DESC')
    .getMany();

export async function addAgreed(manager: EntityManager, agreed: AgreedMarkEntity): Promise<void> {
  await manager.insert(AgreedMarkEntity, agreed);
}
