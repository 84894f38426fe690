import type { PanelPage } from '@bent-pail/contract';
import type { Context } from '../context';
import { openMarks, type OpenMark } from './panelRepository';

/** Marks as a table: a row for each sample and criterion, a column for each rater by name. */
function tableOf(marks: readonly OpenMark[]): PanelPage {
  const raters = [...new Map(marks.map(({ userId, rater }) => [userId, rater]))]
    .map(([id, name]) => ({ id, name }))
    .sort((a, b) => a.name.localeCompare(b.name));
  const items = new Map<string, OpenMark[]>();
  for (const mark of marks) {
    const key = `${mark.cardId} ${mark.criterion}`;
    items.set(key, [...(items.get(key) ?? []), mark]);
  }
  return {
    raters,
    items: [...items.values()].flatMap((own) => {
      const [first] = own;
      if (first === undefined) return [];
      const { cardId, sample, criterion } = first;
      const marksOf = raters.map(({ id }) => own.find(({ userId }) => userId === id)?.value ?? null);
      return [{ cardId, sample, criterion, marks: marksOf }];
    }),
  };
}

/** What raters said of what is revealed. */
export const panelPage = async ({ db }: Context): Promise<PanelPage> => tableOf(await openMarks(db.manager));
