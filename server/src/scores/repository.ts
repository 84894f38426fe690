import type { Me, Page, ScorecardsAsked } from '@bent-pail/contract';
import type { Rubric } from '@bent-pail/core';
import { In, IsNull, type EntityManager } from 'typeorm';
import {
  AgreedMarkEntity,
  GrowthMarkEntity,
  MustEntity,
  OverrideEntity,
  RaterEntity,
  RatingEntity,
  RubricEntity,
  ScorecardEntity,
} from './entities';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';

const FROM = `
  from scorecards s
  join sittings g on g.id = s.sitting_id
  join lots l on l.id = s.lot_id
  join materials m on m.id = l.material_id`;

const SORTS: Readonly<Record<NonNullable<ScorecardsAsked['sort']>, SortBy>> = {
  newest: { sql: 's.created_at', type: 'timestamptz', usual: 'down' },
  // Where it is covered, a place among the names would tell it.
  name: { sql: `case when covered then '' else lower(m.name || ', ' || l.code) end`, type: 'text', usual: 'up' },
};

const IS_OPEN = 'exists (select 1 from revealed_cards c where c.id = s.id)';

/** Whether somebody is to judge the sample blind, and may not learn what is behind its code. */
const isCoveredFor = (userId: string): string =>
  `(not ${IS_OPEN} and exists (select 1 from scorecard_raters o
    where o.scorecard_id = s.id and o.user_id = ${userId} and o.knows is null))`;

const GROUPS: Readonly<Record<NonNullable<ScorecardsAsked['group']>, GroupBy>> = {
  state: { sql: `case when ${IS_OPEN} then 'revealed' else 'open' end`, order: 'up' },
};

export interface CoveredCard {
  readonly card: ScorecardEntity;
  /** Whoever asks is to judge it blind. */
  readonly isCovered: boolean;
}

/** One page of the scorecards, as somebody may see them. */
export async function pageOfScorecards(
  manager: EntityManager,
  me: Me,
  asked: ScorecardsAsked,
  zone: string,
): Promise<Page<CoveredCard>> {
  const conditions = new Conditions();
  const covered = isCoveredFor(`${conditions.value(me.id)}::uuid`);
  conditions.find(
    asked.find,
    `concat_ws(' ', case when covered then '' else m.name || ' ' || l.code end, s.sample_code, g.label)`,
  );
  conditions.away(asked, 's.archived_at');
  if (asked.lot !== undefined) conditions.and(`s.lot_id = ${conditions.value(asked.lot)} and not covered`);
  if (asked.state !== undefined) conditions.and(asked.state === 'open' ? `not ${IS_OPEN}` : IS_OPEN);
  if (asked.person !== undefined)
    conditions.and(
      `exists (select 1 from scorecard_raters r where r.scorecard_id = s.id and r.user_id = ${conditions.value(asked.person)})`,
    );
  conditions.days('s.created_at', asked, zone);
  const page = await readPage<{ readonly id: string; readonly covered: boolean }>(manager, {
    select: 's.id, covered',
    from: `${FROM} cross join lateral (select ${covered} as covered) k`,
    id: 's.id',
    conditions,
    sort: SORTS[asked.sort ?? 'newest'],
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  const cards = await manager.findBy(ScorecardEntity, { id: In(page.rows.map(({ id }) => id)) });
  return {
    ...page,
    rows: page.rows.flatMap(({ id, covered: isCovered }) => {
      const card = cards.find((one) => one.id === id);
      return card === undefined ? [] : [{ card, isCovered }];
    }),
  };
}

export const countScorecards = (manager: EntityManager): Promise<number> =>
  manager.countBy(ScorecardEntity, { archivedAt: IsNull() });

export const scorecardOf = (manager: EntityManager, id: string): Promise<ScorecardEntity | null> =>
  manager.findOneBy(ScorecardEntity, { id });

/** The rubric of a card, at the version that it was begun with. */
export async function rubricOf(manager: EntityManager, card: ScorecardEntity): Promise<Rubric> {
  const row = await manager.findOneByOrFail(RubricEntity, { key: card.rubricKey, version: card.rubricVersion });
  return row.body;
}

export const ratersOf = (manager: EntityManager, scorecardId: string): Promise<RaterEntity[]> =>
  manager.findBy(RaterEntity, { scorecardId });

/** Whether the marks of a card are open: no sheet of its whole sitting is out. */
export async function isRevealed(manager: EntityManager, scorecardId: string): Promise<boolean> {
  const found = await manager.query<unknown[]>('select 1 from revealed_cards where id = $1', [scorecardId]);
  return found.length > 0;
}

/** The marks of a card that count: of sheets that were handed in, and none before the reveal. */
export const openRatingsOf = (manager: EntityManager, scorecardId: string): Promise<RatingEntity[]> =>
  manager
    .createQueryBuilder(RatingEntity, 'rating')
    .where('rating.scorecard_id = :scorecardId', { scorecardId })
    .andWhere('exists (select 1 from revealed_cards c where c.id = rating.scorecard_id)')
    .andWhere(
      `exists (select 1 from scorecard_raters r where r.scorecard_id = rating.scorecard_id
        and r.user_id = rating.user_id and r.handed_in_at is not null)`,
    )
    .getMany();

/** The newest value that was agreed on for each criterion of a card. */
export const agreedOf = (manager: EntityManager, scorecardId: string): Promise<AgreedMarkEntity[]> =>
  manager
    .createQueryBuilder(AgreedMarkEntity, 'agreed')
    .distinctOn(['agreed.criterion'])
    .where('agreed.scorecard_id = :scorecardId', { scorecardId })
    .orderBy('agreed.criterion')
    .addOrderBy('agreed.kept_at', 'DESC')
    .addOrderBy('agreed.id', 'DESC')
    .getMany();

export async function addAgreed(manager: EntityManager, agreed: AgreedMarkEntity): Promise<void> {
  await manager.insert(AgreedMarkEntity, agreed);
}

export async function addMust(manager: EntityManager, said: MustEntity): Promise<void> {
  await manager.insert(MustEntity, said);
}

export async function addOverride(manager: EntityManager, said: OverrideEntity): Promise<void> {
  await manager.insert(OverrideEntity, said);
}

/** A growth mark goes over the one before it of the same rater, species and age. */
export async function keepGrowth(manager: EntityManager, mark: GrowthMarkEntity): Promise<void> {
  await manager.upsert(GrowthMarkEntity, mark, ['scorecardId', 'userId', 'species', 'week']);
}

/** What people say on some cards: the newest of each must and each override, every mark of growth. */
export async function saidOn(
  manager: EntityManager,
  cardIds: readonly string[],
): Promise<{
  readonly musts: readonly MustEntity[];
  readonly overrides: readonly OverrideEntity[];
  readonly growth: readonly GrowthMarkEntity[];
}> {
  const ids = [...cardIds];
  const newest = <T extends MustEntity | OverrideEntity>(type: new () => T): Promise<T[]> =>
    manager
      .createQueryBuilder(type, 'said')
      .distinctOn(['said.scorecard_id', 'said.criterion'])
      .where('said.scorecard_id = any(:ids::uuid[])', { ids })
      .orderBy('said.scorecard_id')
      .addOrderBy('said.criterion')
      .addOrderBy('said.kept_at', 'DESC')
      // Of two in the same millisecond the later id counts: ids grow with time.
      .addOrderBy('said.id', 'DESC')
      .getMany();
  return {
    musts: await newest(MustEntity),
    overrides: await newest(OverrideEntity),
    growth: await manager.find(GrowthMarkEntity, {
      where: { scorecardId: In(ids) },
      order: { species: 'asc', week: 'asc', userId: 'asc' },
    }),
  };
}
