import type { CardRater, JudgedProduct, ScorecardRow } from '@bent-pail/contract';
import { scorecard, type AgreedMark, type Rating, type Rubric, type Scorecard, type Told } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { optional } from '../database/optional';
import type { LotWithCard } from '../shelf/repository';
import type { RaterEntity, ScorecardEntity } from './entities';
import { agreedOf, isRevealed, openRatingsOf, ratersOf, rubricOf } from './repository';
import { saidOfCards } from './told';

export const productBehind = ({ row }: LotWithCard): JudgedProduct => ({
  lotId: row.id,
  name: row.name,
  lotCode: row.code,
  ...optional('pail', row.pail),
});

export interface Judged {
  readonly row: ScorecardRow & { readonly product: JudgedProduct };
  readonly rubric: Rubric;
  readonly told: Told;
  readonly card: Scorecard;
}

const raterOn = (rater: RaterEntity, name: string): CardRater => ({
  id: rater.userId,
  name,
  handedIn: rater.handedInAt !== null,
  ...optional('knows', rater.knows),
  ...optional('excused', rater.excusedBecause),
});

/**
 * A card as it stands: what the lot was found to be, and, once they are open, what the raters said. Before that nobody's
 * marks leave the database, not even into the score.
 */
export async function judge(manager: EntityManager, card: ScorecardEntity, lot: LotWithCard): Promise<Judged> {
  const rubric = await rubricOf(manager, card);
  const raters = await ratersOf(manager, card.id);
  const revealed = await isRevealed(manager, card.id);
  const [rows, said] = revealed ? [await openRatingsOf(manager, card.id), await agreedOf(manager, card.id)] : [[], []];
  const people = [...raters.map(({ userId }) => userId), ...said.map(({ byUser }) => byUser)];
  const names = await namesOf(manager, people);
  const nameOf = (id: string): string => names.get(id) ?? '';
  const ratings = rows.map(({ criterion, userId, value, tags, words }): Rating => ({
    criterion,
    raterId: userId,
    rater: nameOf(userId),
    value,
    tags,
    ...(words === '' ? {} : { words }),
  }));
  const agreed = said.map(({ criterion, value, reason, byUser }): AgreedMark => ({
    criterion,
    value,
    reason,
    by: nameOf(byUser),
  }));
  const told: Told = { ...(await saidOfCards(manager, [card])).get(card.id), ratings, agreed };
  const judged = scorecard(rubric, lot.card, told);
  return {
    row: {
      id: card.id,
      sittingId: card.sittingId,
      product: productBehind(lot),
      sampleCode: card.sampleCode,
      ...(card.archivedAt === null ? {} : { archived: true }),
      rubricLabel: rubric.label,
      raters: raters.map((rater) => raterOn(rater, nameOf(rater.userId))),
      revealed,
      ...optional('overall', judged.result.overall),
      weightIn: judged.weightIn,
      missing: judged.criteria
        .filter(({ criterion }) => judged.result.missing.includes(criterion.name))
        .map(({ criterion }) => criterion.label),
    },
    rubric,
    told,
    card: judged,
  };
}
