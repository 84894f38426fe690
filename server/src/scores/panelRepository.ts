import type { EntityManager } from 'typeorm';

/** Cards whose marks are compared: the newest that are revealed. */
const MOST_CARDS = 200;

export interface OpenMark {
  readonly cardId: string;
  readonly sample: string;
  /** The criterion as its card's rubric calls it. */
  readonly criterion: string;
  readonly userId: string;
  readonly rater: string;
  readonly value: number;
}

/** Every mark of the newest revealed cards; of a card that is not through, none leaves the database. */
export const openMarks = (manager: EntityManager): Promise<OpenMark[]> =>
  manager.query<OpenMark[]>(
    `with revealed as (
       select s.* from scorecards s join revealed_cards c on c.id = s.id
       order by s.created_at desc limit ${String(MOST_CARDS)})
     select x.scorecard_id as "cardId", m.name || ', ' || l.code as sample,
       coalesce((select line ->> 'label' from jsonb_array_elements(b.body -> 'criteria') line
         where line ->> 'name' = x.criterion), x.criterion) as criterion,
       x.user_id as "userId", u.name as rater, x.value
     from revealed s join ratings x on x.scorecard_id = s.id
     join scorecard_raters p on p.scorecard_id = x.scorecard_id and p.user_id = x.user_id and p.handed_in_at is not null
     join users u on u.id = x.user_id
     join lots l on l.id = s.lot_id join materials m on m.id = l.material_id
     join rubrics b on b.key = s.rubric_key and b.version = s.rubric_version
     order by s.created_at, x.criterion, u.name`,
  );
