import type { Me, NewPotResult, PotResultRow } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound } from '../http/problems';
import { insertResult, keptResults, putResultAway } from './repository';

/** Pots that were followed and kept, the newest first. */
export async function listPotResults({ db }: Context): Promise<PotResultRow[]> {
  const kept = await keptResults(db.manager);
  const people = await namesOf(
    db.manager,
    kept.map(({ byUser }) => byUser),
  );
  return kept.map(({ id, name, address, media, said, byUser, keptAt }) => ({
    id,
    name,
    address,
    media,
    said,
    by: people.get(byUser) ?? '',
    at: keptAt.toISOString(),
  }));
}

export async function keepPotResult(context: Context, me: Me, body: NewPotResult): Promise<PotResultRow[]> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'result', said: body }, async () => {
      const { id, name, address, media, said } = body;
      const keptAt = new Date(clock.now());
      await insertResult(manager, { id, name, address, media, said, byUser: me.id, keptAt, archivedAt: null });
    }),
  );
  return listPotResults(context);
}

/** Puts one away, or brings it back. */
export async function archivePotResult(context: Context, id: string, archived: boolean): Promise<PotResultRow[]> {
  const { db, clock } = context;
  if (!(await putResultAway(db.manager, id, archived ? new Date(clock.now()) : null))) throw notFound('result');
  return listPotResults(context);
}
