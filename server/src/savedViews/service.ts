import type { Me, NewSavedView, SavedView } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { allViews, deleteView, insertView, viewCalled, viewOf } from './repository';

/** Every list that was kept under a name, by page and name. */
export async function listViews({ db }: Context): Promise<SavedView[]> {
  const views = await allViews(db.manager);
  const names = await namesOf(
    db.manager,
    views.map(({ byUser }) => byUser),
  );
  return views.map(({ id, page, name, query, byUser, keptAt }) => ({
    id,
    page,
    name,
    query,
    by: names.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  }));
}

/** Keeps how a list is looked at. Two of one page have two names. */
export async function keepView(context: Context, me: Me, body: NewSavedView): Promise<SavedView[]> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'list', said: body }, async () => {
      const { id, page, name, query } = body;
      const namesake = await viewCalled(manager, page, name);
      if (namesake !== null) throw refused('name', `There is a list called ${namesake.name} already.`);
      await insertView(manager, { id, page, name, query, byUser: me.id, keptAt: new Date(context.clock.now()) });
    }),
  );
  return listViews(context);
}

/** Forgets a name for a list; the list itself is nothing that was kept. */
export async function dropView(context: Context, id: string): Promise<SavedView[]> {
  await context.db.transaction(async (manager) => {
    if ((await viewOf(manager, id)) === null) throw notFound('list');
    await deleteView(manager, id);
  });
  return listViews(context);
}
