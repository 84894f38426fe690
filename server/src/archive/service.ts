import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { conflict, notFound } from '../http/problems';
import { isRevealed } from '../scores/repository';
import { holdThing, isEmptied, isGrown, restsOnBlend, restsOnLots, shelve, type Shelved } from './repository';

/** As many as are named of what rests on something. */
const NAMED = 3;

/** Refuses where something that is at hand rests on it. */
function requireNothingOn(rests: readonly string[]): void {
  if (rests.length === 0) return;
  const more = rests.length - NAMED;
  const named = rests.slice(0, NAMED).join(', ');
  throw conflict(
    `${named}${more > 0 ? ` and ${String(more)} more` : ''} ${rests.length === 1 ? 'rests' : 'rest'} on it; put that away or change it first.`,
  );
}

/** Refuses to put lots away that something at hand rests on: a blend, a pot that is grown in, an open run. */
export async function requireLotsFree(manager: EntityManager, lotIds: readonly string[]): Promise<void> {
  requireNothingOn(await restsOnLots(manager, lotIds));
}

const MAY_GO: Readonly<Record<Shelved, (manager: EntityManager, id: string) => Promise<void>>> = {
  blends: async (manager, id) => {
    requireNothingOn(await restsOnBlend(manager, id));
  },
  scorecards: async (manager, id) => {
    if (!(await isRevealed(manager, id))) throw conflict('Its panel is still at it; let all sheets come in first.');
  },
  filled_pots: async (manager, id) => {
    if (!(await isEmptied(manager, id))) throw conflict('It is still grown in; say that it was emptied first.');
  },
  trials: async (manager, id) => {
    if (await isGrown(manager, id)) throw conflict('It is still grown; finish the trial first.');
  },
};

const WORDS: Readonly<Record<Shelved, string>> = {
  blends: 'blend',
  scorecards: 'card',
  filled_pots: 'pot',
  trials: 'trial',
};

/** Puts a thing away, where nothing rests on it, or brings it back. */
export async function putAway(
  { db, clock }: Context,
  table: Shelved,
  { id, archived }: { readonly id: string; readonly archived: boolean },
): Promise<void> {
  await db.transaction(async (manager) => {
    if (!(await holdThing(manager, table, id))) throw notFound(WORDS[table]);
    if (archived) await MAY_GO[table](manager, id);
    await shelve(manager, table, { id, at: archived ? new Date(clock.now()) : null });
  });
}
