import type { EditNotebook, NotebookInfo } from '@bent-pail/contract';
import { USUAL_MEASURES_L } from '@bent-pail/core';
import type { DataSource } from 'typeorm';
import type { Context } from '../context';
import { NOTEBOOK_ID, NotebookRow } from './entities';

export const notebookRow = (db: DataSource): Promise<NotebookRow> =>
  db.getRepository(NotebookRow).findOneByOrFail({ id: NOTEBOOK_ID });

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
  const edited = await db.getRepository(NotebookRow).save({
    ...(await notebookRow(db)),
    ...(place === undefined ? {} : { place }),
    ...(currency === undefined ? {} : { currency }),
    ...(zone === undefined ? {} : { zone }),
    ...(measures === undefined ? {} : { measures: { ...measures } }),
  });
  return notebookInfo(edited);
}
