import type { CloseYear, ClosedYear, Me, OpenYear, YearsPage } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { BackupKeeper } from '../backups/keeper';
import { backedUp } from '../backups/tellTrouble';
import { countOpenRuns } from '../bench/runRepository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { allYears, countEmptied, countFinished, insertYear, openYearRow, putEmptiedAway, yearOf } from './repository';

/** Years that were closed, and what closing now would do. */
export async function yearsPage({ db: { manager }, clock }: Context): Promise<YearsPage> {
  const rows = await allYears(manager);
  const names = await namesOf(
    manager,
    rows.flatMap(({ byUser, openedBy }) => (openedBy === null ? [byUser] : [byUser, openedBy])),
  );
  const years: ClosedYear[] = [];
  let from: Date | null = null;
  for (const { id, label, closedAt, byUser, backup, openedAt, openedBy, openedBecause } of rows) {
    years.unshift({
      id,
      label,
      ...(from === null ? {} : { from: from.toISOString() }),
      closedAt: closedAt.toISOString(),
      by: names.get(byUser) ?? '',
      runs: await countFinished(manager, from, closedAt),
      backup,
      ...(openedAt === null || openedBy === null || openedBecause === null
        ? {}
        : { opened: { at: openedAt.toISOString(), by: names.get(openedBy) ?? '', because: openedBecause } }),
    });
    // A year that is open again ends where the next one is closed.
    if (openedAt === null) from = closedAt;
  }
  const now = new Date(clock.now());
  return {
    years,
    now: {
      ...(from === null ? {} : { from: from.toISOString() }),
      runs: await countFinished(manager, from, now),
      openRuns: await countOpenRuns(manager),
      emptiedPots: await countEmptied(manager),
    },
  };
}

/** Closes a year: a backup that stays is taken first; then what was finished stands, and emptied pots are put away. */
export async function closeYear(
  context: Context & { readonly backups: BackupKeeper },
  me: Me,
  body: CloseYear,
): Promise<YearsPage> {
  const { db, clock, backups } = context;
  const known = (await allYears(db.manager)).find(({ id }) => id === body.id);
  const backup = known?.backup ?? (await backedUp(backups.take('year')));
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'year', said: body }, async () => {
      const years = await allYears(manager);
      if (years.some(({ label, openedAt }) => openedAt === null && label.toLowerCase() === body.label.toLowerCase()))
        throw refused('label', `The year ${body.label} is closed already.`);
      const closedAt = new Date(clock.now());
      await insertYear(manager, {
        ...body,
        closedAt,
        byUser: me.id,
        backup,
        openedAt: null,
        openedBy: null,
        openedBecause: null,
      });
      await putEmptiedAway(manager, closedAt);
    }),
  );
  return yearsPage(context);
}

/** Opens a year again, with a reason that stays; what was put away with it stays put away. */
export async function openYear(context: Context, me: Me, id: string, { reason }: OpenYear): Promise<YearsPage> {
  await context.db.transaction(async (manager) => {
    const year = await yearOf(manager, id);
    if (year === null) throw notFound('year');
    if (year.openedAt !== null) {
      if (year.openedBecause === reason) return;
      throw conflict('This year is open again already.');
    }
    await openYearRow(manager, id, {
      openedAt: new Date(context.clock.now()),
      openedBy: me.id,
      openedBecause: reason,
    });
  });
  return yearsPage(context);
}
