import type { NewPlace, PlaceRow } from '@bent-pail/contract';
import type { Context } from '../context';
import { refused } from '../http/problems';
import { allPlaces, keepPlace, placeCalled } from './repository';

export const listPlaces = ({ db }: Context): Promise<PlaceRow[]> => allPlaces(db.manager);

/** Keeps a place, a new one or what is said of one that is there; two of one name are one. */
export async function putPlace(context: Context, body: NewPlace): Promise<PlaceRow[]> {
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    const namesake = await placeCalled(manager, body.name);
    if (namesake !== null && namesake.id !== body.id)
      throw refused('name', `${namesake.name} is in the notebook already.`);
    const { id, name, months, windy, on, soil = null, hardness_mgL = null } = body;
    await keepPlace(manager, { id, name, months, windy, on, soil, hardness_mgL, keptAt: new Date(clock.now()) });
  });
  return listPlaces(context);
}
