import type { Me } from '@bent-pail/contract';
import type { AgreedMark, Rubric } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';

/** Products that are ranked at most: those that were judged last. */
const MOST_PRODUCTS = 60;

export interface Mark {
  readonly criterion: string;
  readonly userId: string;
  readonly value: number;
  readonly tags: readonly string[];
}

/** The newest card of a lot: which rubric it was made with, and its marks once all are in. */
export interface PanelOfCard {
  readonly id: string;
  /** Null where whoever asks judges the card blind: its id stands on their sheet. */
  readonly cardId: string | null;
  readonly lotId: string;
  readonly rubric: Rubric;
  readonly marks: readonly Mark[];
  /** What was agreed on, by criterion; only where marks are open. */
  readonly agreed: readonly Pick<AgreedMark, 'criterion' | 'value' | 'reason'>[];
}

/** The newest card of each lot, one question for all; a card whose panel is not through has no marks here. */
export const panelsOfCards = (manager: EntityManager, me: Me): Promise<PanelOfCard[]> =>
  manager.query<PanelOfCard[]>(
    `with newest as (
       select distinct on (lot_id) id, lot_id, rubric_key, rubric_version, created_at
       from scorecards where archived_at is null order by lot_id, created_at desc),
     judged as (select * from newest order by created_at desc limit ${String(MOST_PRODUCTS)})
     select j.id, case when exists (select 1 from scorecard_raters o where o.scorecard_id = j.id and o.user_id = $1
         and o.knows is null and not exists (select 1 from revealed_cards c where c.id = j.id))
       then null else j.id end as "cardId", j.lot_id as "lotId", r.body as rubric, coalesce(m.marks, '[]'::json) as marks,
       case when m.marks is null then '[]'::json else coalesce(a.agreed, '[]'::json) end as agreed
     from judged j join rubrics r on r.key = j.rubric_key and r.version = j.rubric_version
     left join lateral (
       select json_agg(json_build_object('criterion', x.criterion, 'userId', x.user_id, 'value', x.value, 'tags', x.tags)
         order by x.criterion, x.user_id) as marks
       from ratings x join scorecard_raters p on p.scorecard_id = x.scorecard_id and p.user_id = x.user_id
       where x.scorecard_id = j.id and p.handed_in_at is not null
         and exists (select 1 from revealed_cards c where c.id = j.id)) m on true
     left join lateral (
       select json_agg(json_build_object('criterion', y.criterion, 'value', y.value, 'reason', y.reason)) as agreed
       from (select distinct on (criterion) * from agreed_marks g where g.scorecard_id = j.id
         order by criterion, kept_at desc, id desc) y) a on true
     order by j.created_at desc`,
    [me.id],
  );
