import type { EditNotebook, NotebookInfo } from '@bent-pail/contract';
import { USUAL_MEASURES_L } from '@bent-pail/core';
import type { Context } from '../context';
import type { NotebookRow } from './entities';
import { changeNotebook, notebookRow } from './repository';

/** The notebook as everybody sees it; a measure that nobody took has its usual size. */
export const notebookInfo = ({ place, currency, zone, measures }: NotebookRow): NotebookInfo => ({
  place,
  currency,
  zone,
  measures: { ...USUAL_MEASURES_L, ...measures },
});

export async function editNotebook(
  { db }: Context,
  { place, currency, zone, measures }: EditNotebook,
): Promise<NotebookInfo> {
  await changeNotebook(db.manager, {
    ...(place === undefined ? {} : { place }),
    ...(currency === undefined ? {} : { currency }),
    ...(zone === undefined ? {} : { zone }),
    ...(measures === undefined ? {} : { measures: { ...measures } }),
  });
  return notebookInfo(await notebookRow(db.manager));
}
