import type { JudgedProduct, Me, SittingPage } from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { notFound } from '../http/problems';
import type { RaterEntity, ScorecardEntity } from '../scores/entities';
import { judge, productBehind } from '../scores/judge';
import { isRevealed, rubricOf } from '../scores/repository';
import { lotsWithCards } from '../shelf/repository';
import { cardsOfSitting, countMarks, placesOn, sittingOf, warmUpMarksOf } from './repository';
import { warmUpFor } from './warmUp';
import { panelNames } from './whoRates';

/** One rater at a sitting: how far, how blind; never a mark. */
function raterAt(places: readonly RaterEntity[], name: string, marked: number, toMark: number) {
  const excused = places.find(({ excusedBecause }) => excusedBecause !== null)?.excusedBecause;
  return {
    id: places[0]?.userId ?? '',
    name,
    handedIn: places.filter(({ handedInAt }) => handedInAt !== null).map(({ scorecardId }) => scorecardId),
    marked,
    toMark,
    knows: places.flatMap(({ scorecardId, knows }) => (knows === null ? [] : [{ cardId: scorecardId, reason: knows }])),
    ...(excused === undefined || excused === null ? {} : { excused }),
  };
}

/** A sitting as it stands: who is how far, what is behind the codes for whoever may know. No mark leaves before the reveal. */
export async function sittingPage({ db }: Context, me: Me, id: string): Promise<SittingPage> {
  const { manager } = db;
  const sitting = await sittingOf(manager, id);
  if (sitting === null) throw notFound('sitting');
  const cards = await cardsOfSitting(manager, id);
  const ids = cards.map((card) => card.id);
  const [first] = cards as [ScorecardEntity];
  const [rubric, revealed] = [await rubricOf(manager, first), await isRevealed(manager, first.id)];
  const [places, marks] = [await placesOn(manager, ids), await countMarks(manager, ids)];
  const userIds = [...new Set(places.map(({ userId }) => userId))];
  const names = await namesOf(manager, [...userIds, ...(sitting.openedBy === null ? [] : [sitting.openedBy])]);
  const warmUpMarks = sitting.warmUp === null ? [] : await warmUpMarksOf(manager, id, revealed ? undefined : me.id);
  const lots = await lotsWithCards(manager, [...new Set(cards.map(({ lotId }) => lotId))]);
  const isCovered = (cardId: string): boolean =>
    !revealed && places.some((place) => place.scorecardId === cardId && place.userId === me.id && place.knows === null);
  const samples = await Promise.all(
    cards.map(async (card) => {
      const lot = lots.find(({ row }) => row.id === card.lotId);
      const product: JudgedProduct | undefined =
        lot === undefined || isCovered(card.id) ? undefined : productBehind(lot);
      const judged = revealed && lot !== undefined ? (await judge(manager, card, lot)).card : undefined;
      return {
        cardId: card.id,
        sampleCode: card.sampleCode,
        ...optional('product', product),
        toAgree: judged?.criteria.filter(({ apart }) => apart !== undefined).length ?? 0,
        ...optional('overall', judged?.result.overall),
      };
    }),
  );
  const toMark = panelNames(rubric).length * cards.length;
  const openedBy = sitting.openedBy === null ? undefined : names.get(sitting.openedBy);
  return {
    id,
    label: sitting.label,
    rubricLabel: rubric.label,
    ...optional('openedBy', openedBy),
    openedAt: sitting.openedAt.toISOString(),
    revealed,
    samples,
    raters: userIds
      .map((userId) => {
        const own = places.filter((place) => place.userId === userId);
        const said =
          sitting.warmUp === null
            ? undefined
            : warmUpFor(
                sitting.warmUp,
                warmUpMarks.filter((mark) => mark.userId === userId),
              );
        return {
          ...raterAt(own, names.get(userId) ?? '', marks.get(userId) ?? 0, toMark),
          ...optional('warmUp', said),
        };
      })
      .sort((a, b) => a.name.localeCompare(b.name)),
    ...(sitting.warmUp === null
      ? {}
      : { warmUp: { sampleCode: sitting.warmUp.sampleCode, what: sitting.warmUp.what } }),
  };
}
