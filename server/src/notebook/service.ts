import type { EditNotebook, NotebookInfo, WeighedHandful, WorkHours } from '@bent-pail/contract';
import { USUAL_MEASURES_L } from '@bent-pail/core';
import type { Context } from '../context';
import { conflict, refused } from '../http/problems';
import type { NotebookRow } from './entities';
import { addHandful, changeNotebook, heldNotebook, notebookRow } from './repository';

const USUAL_HOURS: WorkHours = Object.freeze({ from_h: 7, to_h: 17 });
const LEAST_HOURS = 1;

/** The notebook as everybody sees it; a measure that nobody took has its usual size. */
export const notebookInfo = ({
  version,
  place,
  currency,
  zone,
  measures,
  hours,
  handfuls,
}: NotebookRow): NotebookInfo => ({
  version,
  place,
  currency,
  zone,
  measures: { ...USUAL_MEASURES_L, ...measures },
  hours: { ...USUAL_HOURS, ...hours },
  handfuls,
});

export async function editNotebook(
  { db }: Context,
  { version, place, currency, zone, measures, hours }: EditNotebook,
): Promise<NotebookInfo> {
  if (hours !== undefined && hours.to_h < hours.from_h + LEAST_HOURS)
    throw refused('hours.to_h', 'Work ends at least an hour after it begins.');
  await db.transaction(async (manager) => {
    const now = await heldNotebook(manager);
    if (version !== undefined && version !== now.version)
      throw conflict(
        'Somebody else changed this bench meanwhile; load the page again and look before you change it.',
        notebookInfo(now),
      );
    await changeNotebook(manager, {
      ...(place === undefined ? {} : { place }),
      ...(currency === undefined ? {} : { currency }),
      ...(zone === undefined ? {} : { zone }),
      ...(measures === undefined ? {} : { measures: { ...measures } }),
      ...(hours === undefined ? {} : { hours: { ...hours } }),
    });
  });
  return notebookInfo(await notebookRow(db.manager));
}

/** Keeps what a handful of something weighs. */
export async function weighHandful({ db }: Context, { classId, g }: WeighedHandful): Promise<NotebookInfo> {
  await db.transaction((manager) => addHandful(manager, classId, g));
  return notebookInfo(await notebookRow(db.manager));
}
