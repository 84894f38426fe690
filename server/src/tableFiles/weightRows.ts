import type { FileRefusal } from '@bent-pail/contract';
import type { FileRow } from '../notebookFile/read';
import { idOf } from './ids';
import { emptiedPots, keptRows, potsCalled } from './repository';
import type { Translate } from './translated';

/** Weights for the diaries of pots. */
export const weightRows: Translate = async (manager, rows, { userId, now }) => {
  const pots = await potsCalled(
    manager,
    rows.map(({ values }) => String(values.pot)),
  );
  const closed = await emptiedPots(manager);
  const refusals: FileRefusal[] = [];
  const lines = rows.flatMap(({ row, values }) => {
    const potId = pots.get(String(values.pot).toLowerCase())?.id as string | undefined;
    const refuse = (column: string, read: unknown, why: string): [] => {
      refusals.push({ kind: 'pot_entries', row, column, read: String(read), why });
      return [];
    };
    if (potId === undefined) return refuse('pot', values.pot, 'No filled pot is called so.');
    if (closed.has(potId)) return refuse('pot', values.pot, 'This pot was emptied; its diary is closed.');
    if (!(Number(values.mass_g) > 0)) return refuse('whole pot, g', values.mass_g, 'The mass must be above 0 g.');
    if (Date.parse(String(values.at)) > now.getTime()) return refuse('weighed at', values.at, 'That is still to come.');
    return [{ row, potId, at: String(values.at), mass_g: Number(values.mass_g), words: values.words ?? null }];
  });
  const ids = lines.map(({ potId, at, mass_g }) => idOf('weight', potId, at, mass_g));
  const kept = await keptRows(manager, 'pot_entries', ids);
  const made = lines.map(({ row, potId, at, mass_g, words }, i): FileRow => {
    const id = ids[i] as string;
    const fresh = {
      id,
      pot_id: potId,
      at,
      kind: 'weighed',
      mass_g,
      words,
      by_user: userId,
      kept_at: now.toISOString(),
    };
    return { kind: 'pot_entries', row, value: kept.get(id) ?? fresh };
  });
  return { rows: made, refusals };
};
