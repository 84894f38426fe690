import type { EntityManager } from 'typeorm';
import { AT_A_TIME, byPages, type Wanted } from '../exports/table';

/** A mark on a card that is open to see, by who gave it. */
export interface MarkToTell {
  readonly id: string;
  readonly card: string;
  readonly product: string;
  readonly lot: string;
  readonly rubric: string;
  readonly criterion: string;
  readonly rater: string;
  readonly value: number;
  readonly tags: readonly string[];
  readonly words: string;
  readonly keptAt: Date;
}

/** The marks of every card whose panel is through, card by card, some at a time. */
export async function* marksToTell(
  manager: EntityManager,
  { card, lot }: Wanted,
): AsyncGenerator<readonly MarkToTell[]> {
  const cards = byPages((after) =>
    manager.query<{ readonly id: string }[]>(
      `select s.id from scorecards s join revealed_cards c on c.id = s.id
       where s.id > $1 and ($2::uuid[] is null or s.id = any ($2)) and ($3::uuid[] is null or s.lot_id = any ($3))
       order by s.id limit ${String(AT_A_TIME.runs)}`,
      [after, card ?? null, lot ?? null],
    ),
  );
  for await (const some of cards)
    yield await manager.query<MarkToTell[]>(
      `select s.id, s.sample_code as card, m.name as product, l.code as lot, r.body ->> 'label' as rubric,
         (select k ->> 'label' from jsonb_array_elements(r.body -> 'criteria') k where k ->> 'name' = x.criterion) as criterion,
         u.name as rater, x.value, x.tags, x.words, x.kept_at as "keptAt"
       from scorecards s join lots l on l.id = s.lot_id join materials m on m.id = l.material_id
         join rubrics r on r.key = s.rubric_key and r.version = s.rubric_version
         join scorecard_raters p on p.scorecard_id = s.id and p.handed_in_at is not null
         join ratings x on x.scorecard_id = s.id and x.user_id = p.user_id join users u on u.id = x.user_id
       where s.id = any ($1) order by s.id, x.criterion, u.name`,
      [some.map(({ id }) => id)],
    );
}
