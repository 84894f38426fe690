import type { Me, RankedProduct, RankingPage } from '@bent-pail/contract';
import { scoredCriteria, type AgreedMark, type Rating, type Rubric } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { notebookRow } from '../notebook/repository';
import { lotsWithCards } from '../shelf/repository';
import { panelsOfCards, type PanelOfCard } from './rankingRepository';
import { rubricToJudgeBy } from './rubrics';
import { saidOfCards, type SaidOfCard } from './told';

/** A panel's marks by what they are called, for another rubric may tell its criteria by other keys. */
function panelFor(
  rubric: Rubric,
  { rubric: made, marks, agreed }: PanelOfCard,
  nameOf: (id: string) => string,
): { readonly ratings: Rating[]; readonly agreed: AgreedMark[] } {
  const labelOf = (key: string): string => made.criteria.find(({ name }) => name === key)?.label.toLowerCase() ?? key;
  const meantBy = (key: string): string | undefined =>
    rubric.criteria.find(({ label, source }) => source.from === 'panel' && label.toLowerCase() === labelOf(key))?.name;
  const ratings = marks.flatMap(({ criterion, userId, value, tags }) => {
    const meant = meantBy(criterion);
    return meant === undefined ? [] : [{ criterion: meant, raterId: userId, rater: nameOf(userId), value, tags }];
  });
  return {
    ratings,
    agreed: agreed.flatMap(({ criterion, value, reason }) => {
      const meant = meantBy(criterion);
      return meant === undefined ? [] : [{ criterion: meant, value, reason, by: '' }];
    }),
  };
}

/** What was said on a card under another rubric's names; the claims, what grew and a lot's own are the product's. */
function toldFor(rubric: Rubric, { id, rubric: made }: PanelOfCard, all: ReadonlyMap<string, SaidOfCard>): SaidOfCard {
  const { musts = [], overrides: _ofThatCard, ...told } = all.get(id) ?? {};
  const labelOf = (key: string): string | undefined => made.criteria.find(({ name }) => name === key)?.label;
  return {
    ...told,
    musts: musts.flatMap((one) => {
      const meant = rubric.criteria.find(
        ({ label, source }) => source.from === 'must' && label === labelOf(one.criterion),
      );
      return meant === undefined ? [] : [{ ...one, criterion: meant.name }];
    }),
  };
}

/** Every product that was judged, by its newest card, as a rubric sees it. */
export async function products(manager: EntityManager, me: Me, rubric: Rubric): Promise<RankedProduct[]> {
  const panels = await panelsOfCards(manager, me);
  const lots = await lotsWithCards(manager, [...new Set(panels.map(({ lotId }) => lotId))]);
  const names = await namesOf(
    manager,
    panels.flatMap(({ marks }) => marks.map(({ userId }) => userId)),
  );
  const told = await saidOfCards(manager, panels);
  return panels.flatMap((panel): RankedProduct[] => {
    const lot = lots.find(({ row }) => row.id === panel.lotId);
    if (lot === undefined) return [];
    const { ratings, agreed } = panelFor(rubric, panel, (id) => names.get(id) ?? '');
    const criteria = scoredCriteria(rubric, lot.card, { ...toldFor(rubric, panel, told), ratings, agreed });
    return [
      {
        ...optional('cardId', panel.cardId),
        lotId: panel.lotId,
        name: `${lot.row.name}, ${lot.row.code}`,
        criteria: criteria.map(({ name, value, value_se, raters }) => ({
          name,
          ...(value === undefined ? {} : { value }),
          ...(value_se === undefined ? {} : { value_se }),
          ...(raters === undefined ? {} : { raters }),
        })),
      },
    ];
  });
}

/**
 * Every product that has a card, as one rubric sees it, whichever its own card was made with. Marks are those of revealed
 * cards only: what a panel has not handed in yet leaves the server in no form.
 */
export async function rankingPage({ db }: Context, me: Me, key: string): Promise<RankingPage> {
  const rubric = await rubricToJudgeBy(db.manager, key);
  const { currency } = await notebookRow(db.manager);
  return { rubric, currency, products: await products(db.manager, me, rubric) };
}
