import type { Row, Table } from '../exports/table';
import { marksToTell, type MarkToTell } from './tableRepository';

const markRow = ({ tags, words, keptAt, ...row }: MarkToTell): Row => ({
  ...row,
  tags: tags.length === 0 ? undefined : tags.join(', '),
  words: words === '' ? undefined : words,
  kept_at: keptAt.toISOString(),
});

/** What each rater marked, of cards that are open to see. */
export const marks: Table = {
  name: 'marks',
  columns: ['card', 'product', 'lot', 'rubric', 'criterion', 'rater', 'value', 'tags', 'words', 'kept_at'],
  rows: async function* ({ db }, wanted) {
    for await (const rows of marksToTell(db.manager, wanted)) yield rows.map(markRow);
  },
};
