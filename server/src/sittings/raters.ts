import type { ExcuseRater, LateRater, Me, SittingPage } from '@bent-pail/contract';
import { tastingOrder } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { conflict, notFound, refused } from '../http/problems';
import type { ScorecardEntity } from '../scores/entities';
import { isRevealed } from '../scores/repository';
import type { SittingEntity } from './entities';
import { sittingPage } from './page';
import { cardsOfSitting, excuse, holdSitting, insertPlaces, placesOn } from './repository';
import { OPENED_IT, requireRaters } from './whoRates';

/** A sitting that still takes raters, with its cards; held until the transaction ends. */
async function openStill(
  manager: EntityManager,
  id: string,
  otherwise: string,
): Promise<{ readonly sitting: SittingEntity; readonly cards: ScorecardEntity[] }> {
  const sitting = await holdSitting(manager, id);
  if (sitting === null) throw notFound('sitting');
  const cards = await cardsOfSitting(manager, id);
  if (await isRevealed(manager, cards[0]?.id ?? id)) throw conflict(otherwise);
  return { sitting, cards };
}

/** Lets somebody rate who comes late; not once the marks are open. */
export async function addRater(context: Context, me: Me, id: string, body: LateRater): Promise<SittingPage> {
  await context.db.transaction(async (manager) => {
    const { sitting, cards } = await openStill(
      manager,
      id,
      'The marks are open; whoever comes now would know them. Open a new sitting.',
    );
    await requireRaters(manager, [body.raterId], 'raterId');
    const places = await placesOn(
      manager,
      cards.map((card) => card.id),
    );
    if (places.some(({ userId }) => userId === body.raterId)) throw refused('raterId', 'This rater is on it already.');
    const knows = body.raterId === sitting.openedBy ? OPENED_IT : null;
    await insertPlaces(manager, body.raterId, tastingOrder(cards, sitting.seed, body.raterId), knows);
  });
  return sittingPage(context, me, id);
}

/** Goes on without what a rater has not handed in: it is closed, with the reason, and holds nobody up. */
export async function excuseRater(
  context: Context,
  me: Me,
  id: string,
  userId: string,
  { reason }: ExcuseRater,
): Promise<SittingPage> {
  await context.db.transaction(async (manager) => {
    const { cards } = await openStill(manager, id, 'All are in; nobody is waited for.');
    const ids = cards.map((card) => card.id);
    const said = { excusedAt: new Date(context.clock.now()), excusedBy: me.id, excusedBecause: reason };
    if ((await excuse(manager, ids, userId, said)) === 0) throw notFound('sheet of theirs that is still out');
  });
  return sittingPage(context, me, id);
}
